import { areaOf } from '../units/index';
import { deviceOf, pinOf, terminalId, typeIn, type DoorId, type Plan, type TerminalId } from '../plan/index';
import { mostConductors } from './capacity';
import { SIZES, type Run } from './run';

type Ends = { readonly from: TerminalId; readonly to: TerminalId };

/**
 * Moves wires off terminals that hold more than they take, to another terminal of the same electrical point that
 * has room: the other end of a jumper, a device already fed, a joint. What is joined to what does not change. A
 * bus keeps its order and data its port; a wire as thick as the lock's moves only on its own device, so that no
 * lock current goes by a thin wire. What finds no room stays, and the checks name it.
 */
export function relieve(
  plan: Plan,
  door: DoorId,
  runs: readonly Run[],
  staying: readonly Ends[],
): readonly Run[] {
  const now = [...runs];
  const count = (terminal: TerminalId): number =>
    [...staying, ...now].reduce(
      (sum, { from, to }) => sum + Number(from === terminal) + Number(to === terminal),
      0,
    );
  const hasRoom = (terminal: TerminalId) => count(terminal) < mostConductors(plan, terminal);
  const full = [...new Set(now.flatMap(({ from, to }) => [from, to]))];
  for (const terminal of full) {
    for (const index of movable(now, terminal)) {
      if (count(terminal) <= mostConductors(plan, terminal)) break;
      const wire = now[index]!;
      const other = wire.from === terminal ? wire.to : wire.from;
      const others = [...staying, ...now.filter((_, at) => at !== index)];
      const place = pointOf(plan, terminal, others)
        .filter((at) => at !== terminal && hasRoom(at) && isNear(plan, door, at))
        .filter((at) => deviceOf(at) !== deviceOf(other) && !others.some((one) => joins(one, at, other)))
        .filter((at) => deviceOf(at) === deviceOf(terminal) || areaOf(wire.gauge) < areaOf(SIZES.lock))
        .sort(
          (a, b) => Number(deviceOf(b) === deviceOf(terminal)) - Number(deviceOf(a) === deviceOf(terminal)),
        )[0];
      if (!place) continue;
      now[index] = wire.from === terminal ? { ...wire, from: place } : { ...wire, to: place };
    }
  }
  return now;
}

const joins = ({ from, to }: Ends, a: TerminalId, b: TerminalId): boolean =>
  (from === a && to === b) || (from === b && to === a);

/** A device of this door or of the site; never one of another door. */
const isNear = (plan: Plan, door: DoorId, terminal: TerminalId): boolean => {
  const device = plan.devices[deviceOf(terminal)];
  return device?.door === door || device?.door === null;
};

/** Wires at a terminal that may move: the thinnest first, of these the last laid. */
const movable = (runs: readonly Run[], terminal: TerminalId): number[] =>
  runs
    .flatMap((wire, index) =>
      (wire.from === terminal || wire.to === terminal) && wire.use !== 'bus' && wire.use !== 'data'
        ? [index]
        : [],
    )
    .sort((a, b) => areaOf(runs[a]!.gauge) - areaOf(runs[b]!.gauge) || b - a);

/** Terminals joined to this one by wires, and inside devices by joints that are always there; nearest first. */
function pointOf(plan: Plan, start: TerminalId, wires: readonly Ends[]): TerminalId[] {
  const seen = new Set([start]);
  for (const at of seen) {
    for (const { from, to } of wires) {
      if (from === at) seen.add(to);
      if (to === at) seen.add(from);
    }
    const device = plan.devices[deviceOf(at)];
    if (!device) continue;
    for (const part of typeIn(plan, device).parts) {
      if (part.kind !== 'link' || part.when !== undefined) continue;
      if (part.a === pinOf(at)) seen.add(terminalId(device.id, part.b));
      if (part.b === pinOf(at)) seen.add(terminalId(device.id, part.a));
    }
  }
  return [...seen];
}
