import { useState } from 'react';
import MoreHorizontal from 'lucide-react/icons/more-horizontal';
import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import { does, settingValue, type DeviceType, type Place } from '#core/devices/index';
import {
  devicesOf,
  newerVersion,
  terminalId,
  typeIn,
  type Device,
  type DoorId,
  type Edit,
  wiresOn,
} from '#core/plan/index';
import { poeWords } from '#words/devices';
import { say } from '#words/stations/wire/HardwarePanel';
import { Button } from '../../ui/Button';
import { Menu } from '../../ui/Menu';
import { SelectField } from '../../ui/Field';
import { Symbol } from '../../ui/Symbol';
import { cx } from '../../ui/cx';
import { useHighlight } from '../../parts/navigation';
import { useDispatch, usePlan } from '../../store/context';
import { ExchangeDialog } from './ExchangeDialog';
import { MoveDeviceDialog } from './MoveDeviceDialog';
import { CatalogueDialog } from './CatalogueDialog';
import { SettingField } from '../../parts/settings/SettingField';
import { TypeUpdateDialog } from './TypeUpdateDialog';
import type { Wiring } from '../../parts/useWiring';
import css from './HardwarePanel.module.css';

const PLACES: Record<Place, string> = {
  outside: say.outside,
  inside: say.inside,
  frame: say.inTheFrame,
  above: say.aboveTheDoor,
  enclosure: say.inTheEnclosure,
};

/** What belongs to one leaf of a door: its lock, its contact, its operator. */
const isAtLeaf = (type: DeviceType): boolean =>
  type.lock !== undefined || does(type, 'doorContact', 'operator');

/** The door's devices: settings, place and every terminal, wired or not. */
export function HardwarePanel({ door, wiring }: { door: DoorId; wiring: Wiring }) {
  const plan = usePlan();
  const [choosing, setChoosing] = useState(false);
  return (
    <div className={css['panel']}>
      {devicesOf(plan, door).map((device) => (
        <DeviceCard key={device.id} device={device} wiring={wiring} />
      ))}
      <Button icon={<Plus aria-hidden />} className={css['add']} onClick={() => setChoosing(true)}>
        {say.addADevice}
      </Button>
      <CatalogueDialog door={door} open={choosing} onOpenChange={setChoosing} />
    </div>
  );
}

function DeviceCard({ device, wiring }: { device: Device; wiring: Wiring }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const { id: lit } = useHighlight();
  const [updating, setUpdating] = useState(false);
  const [asking, setAsking] = useState<'exchange' | 'move' | null>(null);
  const type = typeIn(plan, device);
  const newer = newerVersion(plan, device.type);
  const landed = (terminal: string) =>
    Object.values(plan.conductors).filter((wire) => wire.from === terminal || wire.to === terminal).length;
  return (
    <article className={cx(css['card'], lit === device.id && css['lit'])}>
      <header>
        <Symbol id={type.symbol} />
        <TagField device={device} />
        <span>{type.name}</span>
        <Menu
          label={device.tag}
          trigger={
            <Button
              size="s"
              look="quiet"
              aria-label={say.moreFor(device.tag)}
              icon={<MoreHorizontal aria-hidden />}
            />
          }
          items={[
            { id: 'exchange', label: say.anotherTypeInItsPlace, onSelect: () => setAsking('exchange') },
            { id: 'move', label: say.moveToAnotherDoor, onSelect: () => setAsking('move') },
          ]}
        />
        <Button
          size="s"
          look="quiet"
          aria-label={say.remove(device.tag)}
          title={say.removeItAndItsWires}
          icon={<Trash2 aria-hidden />}
          onClick={() => {
            const wires = wiresOn(plan, device.id).length;
            const along = wires === 0 ? '' : say.withWord(wires);
            dispatch(
              { kind: 'removeDevice', id: device.id },
              say.remove2(device.tag),
              say.removed(device.tag, along),
            );
          }}
        />
      </header>
      <p>{type.description}</p>
      {type.poe && <p>{poeWords(type)}</p>}
      <ExchangeDialog
        device={device}
        open={asking === 'exchange'}
        onOpenChange={(open) => setAsking(open ? 'exchange' : null)}
      />
      <MoveDeviceDialog
        device={device}
        open={asking === 'move'}
        onOpenChange={(open) => setAsking(open ? 'move' : null)}
      />
      {newer && (
        <p className={css['newer']}>
          {say.versionTypeKeepsVersion(newer.version, device.tag, type.version)}
          <Button size="s" onClick={() => setUpdating(true)}>
            {say.seeWhatChanges}
          </Button>
          <TypeUpdateDialog device={device} newer={newer} open={updating} onOpenChange={setUpdating} />
        </p>
      )}
      <div className={css['settings']}>
        <SelectField
          label={say.place}
          value={device.place}
          onChange={(event) =>
            dispatch(
              { kind: 'setDevice', id: device.id, patch: { place: event.target.value as Place } },
              say.move(device.tag),
            )
          }
        >
          {Object.entries(PLACES).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        {isAtLeaf(type) && (
          <SelectField
            label={say.leaf}
            value={String(device.leaf)}
            onChange={({ target }) =>
              dispatch(
                { kind: 'setDevice', id: device.id, patch: { leaf: target.value === '2' ? 2 : 1 } },
                say.atTheLeaf(device.tag, target.value === '2'),
              )
            }
          >
            <option value="1">{say.first}</option>
            <option value="2">{say.second}</option>
          </SelectField>
        )}
        {type.settings
          // Times of a channel are set at Timing.
          .filter(({ id }) => !/\.(unlock|exit|relock|held)$/.test(id))
          .map((setting) => (
            <SettingField
              key={setting.id}
              setting={setting}
              value={settingValue(type, device.settings, setting.id)}
              onSet={(value) =>
                dispatch(
                  { kind: 'setSetting', device: device.id, setting: setting.id, value } satisfies Edit,
                  say.set(device.tag),
                )
              }
            />
          ))}
      </div>
      <ul className={css['terminals']} aria-label={say.terminalsOf(device.tag)}>
        {type.terminals.map((terminal) => {
          const id = terminalId(device.id, terminal.id);
          const count = landed(id);
          return (
            <li key={terminal.id}>
              <button
                type="button"
                className={cx(css['terminal'], count > 0 && css['wired'])}
                aria-pressed={wiring.chosenTerminal === id}
                aria-label={say.ofConductors(device.tag, terminal.id, count, terminal.maxConductors)}
                onClick={() => wiring.chooseTerminal(id)}
              >
                {terminal.id.replace('-', '−')}
                <small>{count > 0 ? count : ''}</small>
              </button>
            </li>
          );
        })}
      </ul>
    </article>
  );
}

/** The tag, changed where it stands. */
function TagField({ device }: { device: Device }) {
  const dispatch = useDispatch();
  const [draft, setDraft] = useState<string | null>(null);
  const keep = () => {
    const tag = draft?.trim();
    if (tag && tag !== device.tag && /^[^\s./]{1,20}$/.test(tag))
      dispatch({ kind: 'setDevice', id: device.id, patch: { tag } }, say.call(device.tag, tag));
    setDraft(null);
  };
  return (
    <input
      className={css['tag']}
      aria-label={say.tagOf(device.tag)}
      value={draft ?? device.tag}
      size={Math.max(3, (draft ?? device.tag).length)}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setDraft(null);
      }}
    />
  );
}
