import { useMemo } from 'react';
import {
  intercomConflicts,
  wireIntercom,
  type IntercomConflict,
  type IntercomSet,
} from '#core/intercom/index';
import { deviceOf, type Edit, type Plan } from '#core/plan/index';
import { say } from '#words/sitePages/sets/IntercomCard';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { cx } from '../../ui/cx';
import { useNavigate } from '../../parts/navigation';
import { useDispatch, usePlan } from '../../store/context';
import css from './Sets.module.css';

const label = (plan: Plan, id: string): string => {
  const device = plan.devices[id];
  return device ? `${device.door ?? 'site'} ${device.tag}` : id;
};

export function conflictWords(plan: Plan, conflict: IntercomConflict): string {
  switch (conflict.kind) {
    case 'no-supply':
      return say.setNoSupplyAdd;
    case 'second-supply':
      return say.setOneSupplyOne(conflict.devices.map((id) => label(plan, id)).join(' and '));
    case 'no-answering':
      return say.nobodyAnswersAddAnswering;
    case 'no-door-station':
      return say.nobodyCallsAddDoor;
    case 'same-channel':
      return say.bothChannelTheyWould(
        conflict.devices.map((id) => label(plan, id)).join(' and '),
        conflict.channel,
      );
    case 'no-such-channel':
      return say.channelAnsweringStations(label(plan, conflict.device), conflict.channel, conflict.most);
  }
}

/** A set: who is on which channel, what its key releases, and the wiring of the whole. */
export function IntercomCard({ set }: { set: IntercomSet }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const go = useNavigate();
  const conflicts = intercomConflicts(set);
  const wiring = useMemo(() => wireIntercom(plan, set), [plan, set]);
  const channels = [1, 2, 3, 4];
  const wired = Object.values(plan.conductors).filter(
    ({ origin, from, to }) =>
      origin === 'set' &&
      [...set.answering, ...set.doorStations, ...set.supplies].some(({ device }) =>
        [from, to].map(deviceOf).includes(device.id),
      ),
  ).length;
  const put = (device: string, setting: string, value: string | number) =>
    dispatch({ kind: 'setSetting', device, setting, value } satisfies Edit, say.set(label(plan, device)));
  return (
    <section className={css['card']} aria-label={say.intercomSet(set.name)}>
      <h2>{say.intercomSet(set.name)}</h2>
      <p>
        {say.feeds(
          set.supplies.map(({ device }) => label(plan, device.id)).join(', ') || say.noSupply,
          set.answering.map(({ device }) => label(plan, device.id)).join(', ') || say.noAnsweringStation,
        )}
      </p>
      <table className={css['table']}>
        <caption className="hush">{say.channelsOfSet(set.name)}</caption>
        <thead>
          <tr>
            <th scope="col">{say.doorStation}</th>
            {channels.map((channel) => (
              <th key={channel} scope="col" className={css['channel']}>
                {channel}
              </th>
            ))}
            <th scope="col">{say.cores}</th>
            <th scope="col">{say.itsKeyWorks}</th>
          </tr>
        </thead>
        <tbody>
          {set.doorStations.map(({ device, channel, jumper, pins, relay }) => {
            const clash = conflicts.some(
              (one) => one.kind === 'same-channel' && one.devices.includes(device.id),
            );
            return (
              <tr key={device.id}>
                <th scope="row">
                  <button
                    type="button"
                    className={css['door']}
                    onClick={() => go({ kind: 'door', door: device.door, station: 'wire' })}
                  >
                    {label(plan, device.id)}
                  </button>
                </th>
                {channels.map((one) => (
                  <td key={one} className={css['channel']}>
                    <input
                      type="radio"
                      name={`channel-${device.id}`}
                      aria-label={say.onChannel(label(plan, device.id), one)}
                      checked={channel === one}
                      className={cx(clash && channel === one && css['clash'])}
                      onChange={() => put(device.id, pins.channelSetting, one)}
                    />
                  </td>
                ))}
                <td>
                  <SelectField
                    label={say.coresOf(label(plan, device.id))}
                    bare
                    value={jumper}
                    onChange={(event) => put(device.id, pins.coresSetting, event.target.value)}
                  >
                    <option value="in">{say.twoJumperIn}</option>
                    <option value="out">{say.threeJumperOut}</option>
                  </SelectField>
                </td>
                <td>{relay ? label(plan, relay.device.id) : say.noRelayAtItsDoor}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {wiring.ok ? (
        <div className={css['acts']}>
          <Button look="main" onClick={() => dispatch(wiring.edit, say.wireIntercomSet(set.name))}>
            {say.wireTheSet}
          </Button>
          <p role="status">
            {wired > 0 ? say.wiresLie(wired) : ''}
            {wiring.added.length > 0
              ? say.laysWiresAnsweringStations(wiring.added.length)
              : say.nothingIsMissing}
            {wiring.withoutRelay.length > 0 &&
              say.keyNothingRelease(wiring.withoutRelay.map((id) => label(plan, id)).join(', '))}
          </p>
        </div>
      ) : (
        <div role="alert" className={css['refused']}>
          <b>{say.theSetCannotBeWired}</b>
          <ul>
            {wiring.conflicts.map((conflict, index) => (
              <li key={index}>{conflictWords(plan, conflict)}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
