import { type Door } from '#core/plan/index';
import type { DoorVerdict } from '#core/verdict/index';
import { say } from '#words/stations/power/PowerStation';
import { Empty } from '../../ui/Empty';
import { StationFrame } from '../../parts/StationFrame';
import css from './PowerStation.module.css';
import { SupplyCard } from './SupplyCard';
import { VoltageTable } from './VoltageTable';
import { OnBattery } from './OnBattery';
import { ConductorTable } from './ConductorTable';

/** Load, headroom, voltage at every device and battery hours, each with its working. */
export function PowerStation({ door, verdict }: { door: Door; verdict: DoorVerdict | null }) {
  if (!verdict) return <StationFrame door={door}>{null}</StationFrame>;
  const { budget } = verdict;
  if (budget.supplies.length === 0) {
    return (
      <StationFrame door={door}>
        <Empty title={say.noSupplyYet}>{say.chooseHardwareWireCurrents}</Empty>
      </StationFrame>
    );
  }
  const atRest = verdict.proof.rows.find(({ situation }) => situation === 'rest');
  const drawsOnBattery =
    budget.supplies.some(({ battery }) => battery) && (atRest?.locks[0]?.amps ?? 0) > 1e-3;
  return (
    <StationFrame door={door}>
      <div className={css['power']}>
        {budget.supplies.map((supply) => (
          <SupplyCard key={supply.branch} supply={supply} />
        ))}
        <VoltageTable budget={budget} />
        {drawsOnBattery && <OnBattery door={door} />}
        <ConductorTable door={door} budget={budget} />
      </div>
    </StationFrame>
  );
}
