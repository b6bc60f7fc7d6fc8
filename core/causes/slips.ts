import { deviceOf, nextWireNumber, type Conductor, type DoorId, type TerminalId } from '../plan/index';
import type { Change, WireEnd } from './change';
import type { Terrain } from './oddness';
import { isOdd } from './terminalUse';

const ENDS = ['from', 'to'] as const;

/** Everything that could be one slip with one wire or two: an end on another screw, two changed over, one left out or too many. */
export function slips({ plan, wires, terminals, uses, room, needed }: Terrain, door: DoorId): Change[] {
  const ends = wires.flatMap((wire) => ENDS.map((end): WireEnd => ({ wire: wire.id, end, at: wire[end] })));
  const moves = ends.flatMap(({ wire, end, at }) =>
    terminals.flatMap((to): Change[] =>
      to !== at && deviceOf(to) === deviceOf(at) ? [{ kind: 'move', wire, end, from: at, to }] : [],
    ),
  );
  const exchanges = ends.flatMap((one, index) =>
    ends
      .slice(index + 1)
      .flatMap((two): Change[] =>
        one.at !== two.at && one.wire !== two.wire && deviceOf(one.at) === deviceOf(two.at)
          ? [{ kind: 'exchange', device: deviceOf(one.at), one, two }]
          : [],
      ),
  );
  const landed = new Map<TerminalId, number>();
  for (const { at } of ends) landed.set(at, (landed.get(at) ?? 0) + 1);
  const free = terminals.filter((one) => (landed.get(one) ?? 0) < room(one));
  const like = (terminal: TerminalId) =>
    wires.find(({ from, to }) => [from, to].some((end) => deviceOf(end) === deviceOf(terminal))) ?? wires[0];
  const number = nextWireNumber(plan, door);
  let id = `${door}/${number}`;
  while (plan.conductors[id]) id += "'";
  // A wire that was left out leaves one of its ends empty.
  const lays = free
    .filter((one) => !landed.has(one) && (needed.has(one) || uses(one) !== undefined))
    .flatMap((from) =>
      free.flatMap((to): Change[] => {
        const sample = like(from);
        const fits =
          deviceOf(to) !== deviceOf(from) && !isOdd(uses(from), uses(to)) && (landed.has(to) || from < to);
        if (!sample || !fits) return [];
        return [{ kind: 'lay', conductor: { ...sample, id, number, from, to, cable: '', origin: 'hand' } }];
      }),
    );
  return [
    ...moves,
    ...exchanges,
    ...lays,
    ...wires.map(({ id: wire }): Change => ({ kind: 'take-out', wire })),
  ];
}

/** The wires after a change. */
export function after(wires: readonly Conductor[], change: Change): readonly Conductor[] {
  switch (change.kind) {
    case 'move':
      return wires.map((wire) => (wire.id === change.wire ? { ...wire, [change.end]: change.to } : wire));
    case 'exchange':
      return wires.map((wire) => {
        const { one, two } = change;
        const first = wire.id === one.wire ? { ...wire, [one.end]: two.at } : wire;
        return wire.id === two.wire ? { ...first, [two.end]: one.at } : first;
      });
    case 'lay':
      return [...wires, change.conductor];
    case 'take-out':
      return wires.filter(({ id }) => id !== change.wire);
    default:
      return wires;
  }
}
