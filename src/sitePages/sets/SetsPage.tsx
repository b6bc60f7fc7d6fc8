import { busesOf } from '#core/bus/index';
import { settingFor } from '#core/devices/index';
import { intercomSets } from '#core/intercom/index';
import { typeIn } from '#core/plan/index';
import { say } from '#words/sitePages/sets/SetsPage';
import { Empty } from '../../ui/Empty';
import { usePlan } from '../../store/context';
import { BusCard } from './BusCard';
import { IntercomCard } from './IntercomCard';
import { NetworkCard } from './NetworkCard';
import css from './Sets.module.css';

/** What spans several doors: intercom sets, buses of readers, and devices of the network. */
export function SetsPage() {
  const plan = usePlan();
  const sets = intercomSets(plan);
  const buses = busesOf(plan);
  const network = Object.values(plan.devices).filter(
    (device) => settingFor(typeIn(plan, device), 'ip') !== undefined,
  );
  if (sets.length === 0 && buses.length === 0 && network.length === 0)
    return <Empty title={say.noSetsBusesNetwork}>{say.theyAppearHereSoon}</Empty>;
  return (
    <div className={css['page']}>
      {sets.map((set) => (
        <IntercomCard key={set.name} set={set} />
      ))}
      {buses.map((bus) => (
        <BusCard key={bus.controller.device} bus={bus} />
      ))}
      {network.length > 0 && <NetworkCard devices={network} />}
    </div>
  );
}
