import type { Conditions } from './conditions';
import type { Netlist } from './netlist';
import { makeRoom, type OperatingPoint } from './operatingPoint';
import { settle } from './settle';
import { settledPoint } from './settledPoint';

/**
 * The states between which a circuit goes round that never comes to rest, in their order: a board that stops as soon as it has started, a
 * relay that cuts its own coil. Each is solved as if it stood. `before` is what its parts did then. Empty where the circuit comes to rest,
 * and where no state is met twice.
 */
export function circleOf(
  netlist: Netlist,
  conditions: Conditions,
  before: Uint8Array,
): readonly OperatingPoint[] {
  const passed: OperatingPoint[] = [];
  const { restless } = settle(netlist, conditions, before, (_, on) => {
    const room = makeRoom(netlist);
    room.on.set(on);
    passed.push(settledPoint(netlist, room, NONE, passed.length));
  });
  const last = passed.at(-1);
  if (restless.length === 0 || !last) return NONE;
  const since = passed.findLastIndex((one, index) => index < passed.length - 1 && isSame(one, last));
  return since < 0 ? NONE : passed.slice(since + 1);
}
const NONE: readonly never[] = [];

const isSame = (one: OperatingPoint, two: OperatingPoint): boolean =>
  one.on.every((mode, branch) => mode === two.on[branch]);
