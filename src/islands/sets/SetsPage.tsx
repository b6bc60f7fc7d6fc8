import { busesOf } from '#core/bus/index';
import { intercomSets } from '#core/intercom/index';
import { typeIn } from '#core/plan/index';
import { Empty } from '../../ui/Empty';
import { usePlan } from '../store/context';
import { BusCard } from './BusCard';
import { IntercomCard } from './IntercomCard';
import css from './Sets.module.css';

/** What spans several doors: intercom sets, buses of readers, and devices of the network. */
export function SetsPage() {
  const plan = usePlan();
  const sets = intercomSets(plan);
  const buses = busesOf(plan);
  const network = Object.values(plan.devices).filter((device) =>
    typeIn(plan, device).settings.some(({ id }) => id === 'ip'),
  );
  if (sets.length === 0 && buses.length === 0 && network.length === 0)
    return (
      <Empty title="No sets, buses or network devices yet">
        They appear here as soon as a door has a door station, a controller with a reader bus, or a device
        with a network address.
      </Empty>
    );
  return (
    <div className={css['page']}>
      {sets.map((set) => (
        <IntercomCard key={set.name} set={set} />
      ))}
      {buses.map((bus) => (
        <BusCard key={bus.controller.device} bus={bus} />
      ))}
      {network.length > 0 && (
        <section className={css['card']} aria-label="Network">
          <h2>Network devices</h2>
          <table className={css['table']}>
            <thead>
              <tr>
                <th scope="col">Device</th>
                <th scope="col">What</th>
                <th scope="col">Address</th>
                <th scope="col">Hardware number (MAC)</th>
              </tr>
            </thead>
            <tbody>
              {network.map((device) => (
                <tr key={device.id}>
                  <th scope="row">{device.id.replace('/', ' ')}</th>
                  <td>{typeIn(plan, device).name}</td>
                  <td>{String(device.settings['ip'] ?? '') || 'not noted'}</td>
                  <td>{String(device.settings['mac'] ?? '') || 'not noted'}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p>They are noted at Wire, Hardware, on the device.</p>
        </section>
      )}
    </div>
  );
}
