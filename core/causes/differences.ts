import {
  allConductors,
  conductorsOf,
  deviceOf,
  nextWireNumber,
  type Conductor,
  type DoorId,
  type Plan,
  type TerminalId,
} from '../plan/index';
import type { Change, WireEnd } from './change';
import { jointsOf, partition } from './partition';
import type { Target } from '../autowire/index';

const ENDS = ['from', 'to'] as const;
const other = (end: 'from' | 'to') => (end === 'from' ? 'to' : 'from');
/** Terminals of the right point that a wire's end is tried on. */
const MOST_SPOTS = 6;

/**
 * Changes each of which brings a door's wiring nearer to another one, point by point: wires whose two ends belong to
 * different points are exchanged, moved or taken out, and pieces of one point are joined. Two wirings that join the
 * same terminals do not differ, however their wires run.
 */
export function differences(plan: Plan, door: DoorId, target: Target): Change[] {
  const { mine, others, joints, known, points, pointOf, isOdd } = comparison(plan, door, target);
  const odd = mine.filter(isOdd);
  const piece = partition(
    mine.filter((wire) => !isOdd(wire)),
    others,
    joints,
  );

  const isSpare = ({ id, from, to }: Conductor) => {
    const without = partition(
      mine.filter((wire) => wire.id !== id && !isOdd(wire)),
      others,
      joints,
    );
    return without(from) === without(to);
  };

  const exchanges = odd.flatMap((one, index) =>
    odd.slice(index + 1).flatMap((two) => exchangesOf(one, two, pointOf)),
  );
  const moves = odd.flatMap((wire) =>
    ENDS.flatMap((end): Change[] => {
      const stays = wire[other(end)];
      const point = pointOf(stays);
      if (point === null) return [];
      const far = (spot: TerminalId) => Number(deviceOf(spot) !== deviceOf(wire[end]));
      return [...known]
        .filter((spot) => points(spot) === point && piece(spot) !== piece(stays) && spot !== wire[end])
        .sort((a, b) => far(a) - far(b))
        .slice(0, MOST_SPOTS)
        .map((to) => ({ kind: 'move', wire: wire.id, end, from: wire[end], to }));
    }),
  );
  const missing = target.wires.filter(({ from, to }) => piece(from) !== piece(to));
  // A wire that goes a way which another goes as well may be the one that is missing beside it.
  const spare = missing.flatMap((gone) =>
    mine
      .filter((wire) => !isOdd(wire) && isSpare(wire))
      .flatMap((wire) =>
        ENDS.flatMap((end): Change[] =>
          [gone.from, gone.to].flatMap((to): Change[] => {
            const fits =
              deviceOf(to) === deviceOf(wire[end]) &&
              to !== wire[end] &&
              points(to) === points(wire[other(end)]) &&
              piece(to) !== piece(wire[end]);
            return fits ? [{ kind: 'move', wire: wire.id, end, from: wire[end], to }] : [];
          }),
        ),
      ),
  );
  return [
    ...exchanges,
    ...moves,
    ...spare,
    ...newWires(plan, door, missing),
    ...target.settings
      .filter(({ device, setting, value }) => plan.devices[device]?.settings[setting] !== value)
      .map((one): Change => ({ kind: 'set', ...one })),
    ...odd.map((wire): Change => ({ kind: 'take-out', wire: wire.id })),
  ];
}

/** The points of the other wiring, and which wires of this one join none of them. */
function comparison(plan: Plan, door: DoorId, target: Target) {
  const joints = jointsOf(plan);
  const others = allConductors(plan).filter((wire) => !target.isOwn(wire));
  const points = partition(target.wires, others, joints);
  const known = new Set([...target.wires, ...others].flatMap(({ from, to }) => [from, to]));
  const pointOf = (terminal: TerminalId) => (known.has(terminal) ? points(terminal) : null);
  const isOdd = ({ from, to }: Conductor) => pointOf(from) === null || pointOf(from) !== pointOf(to);
  const mine = conductorsOf(plan, door).filter((wire) => target.isOwn(wire));
  return { mine, others, joints, known, points, pointOf, isOdd };
}

/** Wires of a door that lead where the other wiring leads none. */
export function oddWires(plan: Plan, door: DoorId, target: Target): Conductor[] {
  const { mine, isOdd } = comparison(plan, door, target);
  return mine.filter(isOdd);
}

/** Two wires that both fit once an end of each is exchanged at one device. */
function exchangesOf(
  one: Conductor,
  two: Conductor,
  pointOf: (terminal: TerminalId) => TerminalId | null,
): Change[] {
  const end = (wire: Conductor, which: 'from' | 'to'): WireEnd => ({
    wire: wire.id,
    end: which,
    at: wire[which],
  });
  const fits = (spot: TerminalId, stays: TerminalId) =>
    pointOf(spot) !== null && pointOf(spot) === pointOf(stays);
  return ENDS.flatMap((a) =>
    ENDS.flatMap((b): Change[] => {
      const [here, there] = [one[a], two[b]];
      if (deviceOf(here) !== deviceOf(there) || here === there) return [];
      if (!fits(there, one[other(a)]) || !fits(here, two[other(b)])) return [];
      return [{ kind: 'exchange', device: deviceOf(here), one: end(one, a), two: end(two, b) }];
    }),
  );
}

/** The wires that are missing, each with a number that is free. */
function newWires(plan: Plan, door: DoorId, missing: readonly Conductor[]): Change[] {
  const number = nextWireNumber(plan, door);
  let id = `${door}/${number}`;
  while (plan.conductors[id]) id += "'";
  return missing.map((wire) => ({
    kind: 'lay',
    conductor: { ...wire, id, number, cable: '', origin: 'hand' },
  }));
}
