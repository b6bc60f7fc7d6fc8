import type { CheckContext } from '../checks/index';
import { lockStatuses } from '../simulate/index';

/** Share of the voltage it had below which a lock gets less than before: more than a wire on another terminal makes. */
const AS_BEFORE = 0.95;
/** Volts below which a lock is not fed at all. */
const FED_VOLTS = 1;

/** Locks that are fed at rest before and after, and get less after: what a repair that goes through a resistor or a wrong tap leaves behind. */
export const lessFed = (before: CheckContext, after: CheckContext): number => {
  const voltsIn = ({ world, rest }: CheckContext) =>
    new Map(
      lockStatuses(world, rest.point).map((lock) => [
        `${lock.device} ${lock.leaf} ${world.netlist.branches[lock.branch]?.id}`,
        Math.abs(lock.volts ?? 0),
      ]),
    );
  const had = voltsIn(before);
  return [...voltsIn(after)].filter(
    ([lock, volts]) => volts > FED_VOLTS && volts < AS_BEFORE * (had.get(lock) ?? 0),
  ).length;
};
