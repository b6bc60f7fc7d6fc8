import { useMemo } from 'react';
import {
  intercomConflicts,
  wireIntercom,
  type IntercomConflict,
  type IntercomSet,
} from '#core/intercom/index';
import { deviceOf, type Edit, type Plan } from '#core/plan/index';
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
      return 'The set has no supply: add an intercom supply to one of its doors.';
    case 'second-supply':
      return `A set has one supply; this one has ${conflict.devices.map((id) => label(plan, id)).join(' and ')}. Take one out.`;
    case 'no-answering':
      return 'Nobody answers: add an answering station.';
    case 'no-door-station':
      return 'Nobody calls: add a door station to a door.';
    case 'same-channel':
      return `${conflict.devices.map((id) => label(plan, id)).join(' and ')} are both on channel ${conflict.channel}: they would speak at once, and one key would open both doors.`;
    case 'no-such-channel':
      return `${label(plan, conflict.device)} is on channel ${conflict.channel}; the answering stations have ${conflict.most}.`;
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
    dispatch({ kind: 'setSetting', device, setting, value } satisfies Edit, `set ${label(plan, device)}`);
  return (
    <section className={css['card']} aria-label={`Intercom set ${set.name}`}>
      <h2>Intercom set {set.name}</h2>
      <p>
        {set.supplies.map(({ device }) => label(plan, device.id)).join(', ') || 'no supply'} feeds{' '}
        {set.answering.map(({ device }) => label(plan, device.id)).join(', ') || 'no answering station'}.
      </p>
      <table className={css['table']}>
        <caption className="hush">Channels of set {set.name}</caption>
        <thead>
          <tr>
            <th scope="col">Door station</th>
            {channels.map((channel) => (
              <th key={channel} scope="col" className={css['channel']}>
                {channel}
              </th>
            ))}
            <th scope="col">Cores</th>
            <th scope="col">Its key works</th>
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
                      aria-label={`${label(plan, device.id)} on channel ${one}`}
                      checked={channel === one}
                      className={cx(clash && channel === one && css['clash'])}
                      onChange={() => put(device.id, pins.channelSetting, one)}
                    />
                  </td>
                ))}
                <td>
                  <SelectField
                    label={`Cores of ${label(plan, device.id)}`}
                    bare
                    value={jumper}
                    onChange={(event) => put(device.id, pins.coresSetting, event.target.value)}
                  >
                    <option value="in">two, jumper in</option>
                    <option value="out">three, jumper out</option>
                  </SelectField>
                </td>
                <td>{relay ? label(plan, relay.device.id) : 'no relay at its door'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {wiring.ok ? (
        <div className={css['acts']}>
          <Button look="main" onClick={() => dispatch(wiring.edit, `wire intercom set ${set.name}`)}>
            Wire the set
          </Button>
          <p role="status">
            {wired > 0 ? `${wired} wires lie. ` : ''}
            {wiring.added.length > 0
              ? `Lays ${wiring.added.length} wires: answering stations in parallel, calls crossed, release wires in a cable of their own.`
              : 'Nothing is missing.'}
            {wiring.withoutRelay.length > 0 &&
              ` ${wiring.withoutRelay.map((id) => label(plan, id)).join(', ')}: the key has nothing to release.`}
          </p>
        </div>
      ) : (
        <div role="alert" className={css['refused']}>
          <b>The set cannot be wired</b>
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
