import { does } from '#core/devices/index';
import ArrowDown from 'lucide-react/icons/arrow-down';
import ArrowUp from 'lucide-react/icons/arrow-up';
import { portOf, wireBus, type BusMap, type BusMember } from '#core/bus/index';
import { typeIn, type DeviceId, type Edit } from '#core/plan/index';
import { formatLength } from '#core/units/index';
import { say } from '#words/sitePages/sets/BusCard';
import { Button } from '../../ui/Button';
import { DipSwitches } from '../../ui/DipSwitches';
import { cx } from '../../ui/cx';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import css from './Sets.module.css';

/** A bus in the order its pair runs: addresses as DIP pictures, terminator at the last, length and loads. */
export function BusCard({ bus }: { bus: BusMap }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const unit = useUnit();
  const tag = (id: DeviceId) => {
    const device = plan.devices[id];
    return device ? `${device.door ?? 'site'} ${device.tag}` : id;
  };
  const order = bus.members.map(({ device }) => device);
  const loose = Object.values(plan.devices).filter((device) => {
    const sameDoor = device.door === plan.devices[bus.controller.device]?.door;
    return does(typeIn(plan, device), 'busReader') && sameDoor && !order.includes(device.id);
  });
  const lay = (next: readonly DeviceId[]) => {
    const wiring = wireBus(plan, bus.controller.device, next);
    if (wiring) dispatch(wiring.edit, say.layTheBus);
  };
  const swap = (index: number, by: 1 | -1) => {
    const next = [...order];
    [next[index], next[index + by]] = [next[index + by]!, next[index]!];
    lay(next);
  };
  const set = (device: DeviceId, setting: string | null | undefined, value: string | number) => {
    if (setting)
      dispatch({ kind: 'setSetting', device, setting, value } satisfies Edit, say.set(tag(device)));
  };
  const tooLong = bus.metres > bus.limitMetres;
  const tooMany = bus.unitLoads > bus.limitUnitLoads;
  return (
    <section className={css['card']} aria-label={say.busOf(tag(bus.controller.device))}>
      <h2>{say.rs485BusOf(tag(bus.controller.device))}</h2>
      <p>
        <span className={cx(tooLong && css['bad'])}>
          {say.of(formatLength(bus.metres as never, unit), formatLength(bus.limitMetres as never, unit))}
        </span>
        ,{' '}
        <span className={cx(tooMany && css['bad'])}>
          {say.ofUnitLoads(bus.unitLoads, bus.limitUnitLoads)}
        </span>
        {bus.forks.length > 0 && (
          <span className={css['bad']}>{say.forksAt(bus.forks.map(tag).join(', '))}</span>
        )}
      </p>
      <ol className={css['line']}>
        {[bus.controller, ...bus.members].map((member, index) => (
          <Stop
            key={member.device}
            member={member}
            name={tag(member.device)}
            isEnd={bus.ends.includes(member.device)}
            distance={index === 0 ? '' : formatLength(member.fromPrevious as never, unit)}
            clash={bus.members.some(
              (other) =>
                other.device !== member.device && other.address !== null && other.address === member.address,
            )}
            onAddress={(value) =>
              set(member.device, portOf(typeIn(plan, plan.devices[member.device]!))?.addressSetting, value)
            }
            onTerminator={(on) =>
              set(
                member.device,
                portOf(typeIn(plan, plan.devices[member.device]!))?.terminatorSetting,
                on ? 'on' : 'off',
              )
            }
            {...(index > 1 ? { onEarlier: () => swap(index - 1, -1) } : {})}
            {...(index > 0 && index < bus.members.length ? { onLater: () => swap(index - 1, 1) } : {})}
          />
        ))}
      </ol>
      {loose.length > 0 && (
        <div className={css['acts']}>
          <p>{say.notOnTheBus(loose.map(({ id }) => tag(id)).join(', '))}</p>
          <Button onClick={() => lay([...order, ...loose.map(({ id }) => id)])}>{say.layThemEnd}</Button>
        </div>
      )}
    </section>
  );
}

interface StopProps {
  readonly member: BusMember;
  readonly name: string;
  readonly isEnd: boolean;
  readonly distance: string;
  readonly clash: boolean;
  onAddress(value: number): void;
  onTerminator(on: boolean): void;
  onEarlier?(): void;
  onLater?(): void;
}

function Stop({
  member,
  name,
  isEnd,
  distance,
  clash,
  onAddress,
  onTerminator,
  onEarlier,
  onLater,
}: StopProps) {
  const wrongEnd = member.terminator !== null && member.terminator !== isEnd;
  return (
    <li className={css['stop']}>
      {distance && <span className={css['distance']}>{distance}</span>}
      <div className={css['box']}>
        <b>{name}</b>
        {member.address !== null && (
          <label className={cx(clash && css['bad'])}>
            {say.address}{' '}
            <input
              type="number"
              min={1}
              max={2 ** member.dip.length - 1}
              value={member.address}
              aria-label={say.addressOf(name)}
              onChange={(event) => {
                const value = Number(event.target.value);
                if (Number.isInteger(value) && value >= 1 && value < 2 ** member.dip.length) onAddress(value);
              }}
            />
            {clash && say.takenTwice}
          </label>
        )}
        {member.dip.length > 0 && member.address !== null && (
          <DipSwitches value={member.address} bits={member.dip.length} />
        )}
        {member.terminator !== null && (
          <label className={cx(wrongEnd && css['bad'])}>
            <input
              type="checkbox"
              checked={member.terminator}
              aria-label={say.terminatorOf(name)}
              onChange={(event) => onTerminator(event.target.checked)}
            />{' '}
            120 Ω{' '}
            {wrongEnd ? (isEnd ? say.belongsEndLine : say.belongsOffNotAnEnd) : isEnd ? say.atTheEnd : ''}
          </label>
        )}
        {member.swapped && <span className={css['bad']}>{say.bCrossedWayHere}</span>}
        {member.half && <span className={css['bad']}>{say.onlyOneWireArrives}</span>}
        <span className={css['moves']}>
          {onEarlier && (
            <Button
              size="s"
              look="quiet"
              aria-label={say.earlier(name)}
              icon={<ArrowUp aria-hidden />}
              onClick={onEarlier}
            />
          )}
          {onLater && (
            <Button
              size="s"
              look="quiet"
              aria-label={say.later(name)}
              icon={<ArrowDown aria-hidden />}
              onClick={onLater}
            />
          )}
        </span>
      </div>
    </li>
  );
}
