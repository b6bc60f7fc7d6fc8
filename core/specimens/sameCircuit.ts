import { jointsOf, partition } from '../causes/partition';
import { presentParts } from '../devices/index';
import {
  allConductors,
  allDevices,
  terminalId,
  typeIn,
  type Conductor,
  type Plan,
  type TerminalId,
} from '../plan/index';

/** Wires of a plan that are not, or not so, in another. */
export const differing = (one: Plan, two: Plan): Conductor[] =>
  allConductors(one).filter((wire) => {
    const there = two.conductors[wire.id];
    return !there || there.from !== wire.from || there.to !== wire.to;
  });

/** The two ends of each contact that has no third: which of its wires is on which of them nobody can tell, nor needs to. */
const turnable = (plan: Plan): (readonly [TerminalId, TerminalId])[] => {
  const landed = new Set(allConductors(plan).flatMap(({ from, to }) => [from, to]));
  return allDevices(plan).flatMap((device) => {
    const parts = presentParts(typeIn(plan, device), device.settings).filter(({ a, b }) =>
      [a, b].every((pin) => landed.has(terminalId(device.id, pin))),
    );
    const times = (pin: string) => parts.filter(({ a, b }) => a === pin || b === pin).length;
    return parts
      .filter(({ kind, a, b }) => kind === 'contact' && times(a) === 1 && times(b) === 1)
      .map(({ a, b }) => [terminalId(device.id, a), terminalId(device.id, b)] as const);
  });
};

/** Contacts that are looked at from both sides. */
const MOST_TURNED = 4;

/** The plan's wires with any of the contacts at which two plans differ lying the other way round. */
function* turnedAbout(plan: Plan, other: Plan): Generator<Conductor[]> {
  const odd = new Set(
    [...differing(plan, other), ...differing(other, plan)].flatMap(({ from, to }) => [from, to]),
  );
  const near = turnable(plan)
    .filter((ends) => ends.some((end) => odd.has(end) || isBeside(plan, end, odd)))
    .slice(0, MOST_TURNED);
  for (let turned = 0; turned < 2 ** near.length; turned += 1) {
    const swap = new Map(
      near
        .filter((_, index) => (turned >> index) % 2 === 1)
        .flatMap(([a, b]) => [[a, b] as const, [b, a] as const]),
    );
    const at = (end: TerminalId) => swap.get(end) ?? end;
    yield allConductors(plan).map((wire) => ({ ...wire, from: at(wire.from), to: at(wire.to) }));
  }
}

/** True where a wire leads from a terminal to one of these. */
const isBeside = (plan: Plan, end: TerminalId, those: ReadonlySet<TerminalId>): boolean =>
  allConductors(plan).some(
    ({ from, to }) => (from === end && those.has(to)) || (to === end && those.has(from)),
  );

/** True where the same terminals are one point in both plans, whichever way contacts lie, and the same devices stand there. */
export const joinsTheSame = (one: Plan, two: Plan): boolean =>
  allDevices(one).length === allDevices(two).length &&
  [...turnedAbout(two, one)].some((wires) => isOneCircuit(one, two, wires));

function isOneCircuit(one: Plan, two: Plan, wires: readonly Conductor[]): boolean {
  const ends = [...allConductors(one), ...wires].flatMap(({ from, to }) => [from, to]);
  const its = partition(allConductors(one), jointsOf(one));
  const other = partition(wires, jointsOf(two));
  const known = new Map<TerminalId, TerminalId>();
  const back = new Map<TerminalId, TerminalId>();
  return ends.every((end) => {
    const [a, b] = [its(end), other(end)];
    if (!known.has(a) && !back.has(b)) {
      known.set(a, b);
      back.set(b, a);
    }
    return known.get(a) === b && back.get(b) === a;
  });
}
