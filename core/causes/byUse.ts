import {
  findTypeIn,
  conductorsOf,
  deviceOf,
  devicesOf,
  nextWireNumber,
  pinOf,
  terminalId,
  type Conductor,
  type DoorId,
  type Plan,
  type TerminalId,
} from '../plan/index';
import { toPutRight, type Finding } from '../checks/index';
import { presentParts, type Part } from '../devices/index';
import type { Candidate, Change, WireEnd } from './change';
import { costOf, COSTS } from './costs';
import { isOdd, usesOf, type Use } from './terminalUse';

/**
 * Where a wiring is odd by what its terminals are there for, whoever wired it and in whatever way: a feed on a data line, a needed
 * terminal left empty, a contact with one side only. No circuit is solved for it: it says where to look, and a trial says what is right.
 */

const ENDS = ['from', 'to'] as const;

/** The wires of a door as they would be. */
type Wires = readonly Pick<Conductor, 'from' | 'to'>[];

interface Terrain {
  readonly plan: Plan;
  readonly wires: readonly Conductor[];
  uses(terminal: TerminalId): readonly Use[] | undefined;
  /** Terminals of the door's devices, and of those on its wires. */
  readonly terminals: readonly TerminalId[];
  /** Those that must not stay empty. */
  readonly needed: ReadonlySet<TerminalId>;
  /** Contacts by their common and loads by their first side, each with the terminals it leads to: one side alone is of no use. */
  readonly poles: ReadonlyMap<TerminalId, readonly TerminalId[]>;
  /** Wires of other doors there. */
  readonly taken: ReadonlySet<TerminalId>;
  room(terminal: TerminalId): number;
}

function terrainOf(plan: Plan, door: DoorId): Terrain {
  const wires = conductorsOf(plan, door);
  const devices = new Set([
    ...devicesOf(plan, door).map(({ id }) => id),
    ...wires.flatMap(({ from, to }) => [deviceOf(from), deviceOf(to)]),
  ]);
  const type = (id: string) => findTypeIn(plan, plan.devices[id]?.type ?? '');
  const all = [...devices].flatMap((id) =>
    (type(id)?.terminals ?? []).map((one) => ({ at: terminalId(id, one.id), one })),
  );
  const rooms = new Map(all.map(({ at, one }) => [at, one.maxConductors]));
  const others = Object.values(plan.conductors).filter((wire) => wire.door !== door);
  return {
    plan,
    wires,
    uses: (terminal) => {
      const its = type(deviceOf(terminal));
      return its && usesOf(its).get(pinOf(terminal));
    },
    terminals: all.map(({ at }) => at),
    needed: new Set(all.flatMap(({ at, one }) => (one.use === 'needed' ? [at] : []))),
    poles: polesOf(plan, devices),
    taken: new Set(others.flatMap(({ from, to }) => [from, to])),
    room: (terminal) => rooms.get(terminal) ?? 0,
  };
}

/** Parts that carry a current from one terminal to another. */
const CARRYING: ReadonlySet<Part['kind']> = new Set(['contact', 'electronic', 'load', 'coil']);

/** Contacts by their common, and loads. An output that the board itself feeds has but one side to be wired, and is none. */
function polesOf(plan: Plan, devices: ReadonlySet<string>): Map<TerminalId, TerminalId[]> {
  const poles = new Map<TerminalId, TerminalId[]>();
  for (const id of devices) {
    const device = plan.devices[id];
    const type = device && findTypeIn(plan, device.type);
    if (!type) continue;
    const fed = new Set(type.parts.flatMap((one) => (one.kind === 'electronic' ? [one.a, one.b] : [])));
    for (const { kind, a, b } of presentParts(type, device.settings)) {
      if (!CARRYING.has(kind) || (kind === 'contact' && (fed.has(a) || fed.has(b)))) continue;
      const common = terminalId(id, a);
      poles.set(common, [...(poles.get(common) ?? []), terminalId(id, b)]);
    }
  }
  return poles;
}

/** How odd a wiring is: wires that nobody would lay, needed terminals that are empty, parts with one side only, terminals with too many. */
function oddness({ uses, needed, poles, taken, room }: Terrain, wires: Wires): number {
  const count = new Map<TerminalId, number>();
  let sum = 0;
  for (const { from, to } of wires) {
    if (from === to || isOdd(uses(from), uses(to))) sum += 1;
    for (const end of [from, to]) count.set(end, (count.get(end) ?? 0) + 1);
  }
  for (const terminal of needed) if (!count.has(terminal) && !taken.has(terminal)) sum += 1;
  const isWired = (terminal: TerminalId) => count.has(terminal) || taken.has(terminal);
  for (const [common, away] of poles) if (isWired(common) !== away.some(isWired)) sum += 1;
  for (const [terminal, landed] of count) if (landed > room(terminal)) sum += 0.5;
  return sum;
}

/** The wires after a change. */
function after(wires: readonly Conductor[], change: Change): readonly Conductor[] {
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

/** Everything that could be one slip with one wire or two: an end on another screw, two changed over, one left out or too many. */
function slips({ plan, wires, terminals, uses, room, needed }: Terrain, door: DoorId): Change[] {
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

/** Changes with what they make of the oddness, below 0 where they take some away. */
interface Slip {
  readonly changes: readonly Change[];
  readonly gain: number;
  readonly cost: number;
  /** How much of it lies where the findings point. */
  readonly pointed: number;
}

/** Terminals, wires and devices that findings to put right name. */
const pointsOf = (findings: readonly Finding[]): ReadonlySet<string> =>
  new Set(findings.filter(toPutRight).flatMap(({ at }) => at.map(({ id }) => id)));

/** What a change lies on: the terminals it leaves and comes to, and their devices for less. */
const pointedBy = (points: ReadonlySet<string>, change: Change): number =>
  lyingOn(change).reduce(
    (sum, at) => sum + (points.has(at) ? 1 : 0) + (points.has(deviceOf(at)) ? 0.5 : 0),
    0,
  );

/** Most single changes that are put together by twos. */
const PAIRED = 36;

/** What takes most oddness away first; of equals what lies where the findings point. */
const byGain = (a: Slip, b: Slip): number => a.gain - b.gain || b.pointed - a.pointed || a.cost - b.cost;

const oddest = (found: readonly Slip[]): Candidate[] =>
  [...found].sort(byGain).map(({ changes, cost }) => ({ changes, cost }));

/**
 * Repairs by what terminals are there for: single changes after which the wiring is less odd, and two of them together, those that take most
 * of it away first.
 */
export function byUse(
  plan: Plan,
  door: DoorId,
  findings: readonly Finding[],
): { readonly singles: readonly Candidate[]; pairs(): readonly Candidate[] } {
  const terrain = terrainOf(plan, door);
  const { wires } = terrain;
  const now = oddness(terrain, wires);
  const points = pointsOf(findings);
  const weigh = (changes: readonly Change[]): Slip => {
    const done = changes.reduce<readonly Conductor[]>((sum, change) => after(sum, change), wires);
    const cost = changes.reduce((sum, change) => sum + costOf(plan, change), 0);
    return {
      changes,
      gain: oddness(terrain, done) - now,
      cost: cost + COSTS.another * (changes.length - 1),
      pointed: changes.reduce((sum, change) => sum + pointedBy(points, change), 0),
    };
  };
  const singles = slips(terrain, door)
    .map((change) => weigh([change]))
    .filter(({ gain }) => gain < 0)
    .sort(byGain);
  const pairs = () =>
    singles.slice(0, PAIRED).flatMap((one, index, all) =>
      all.slice(index + 1).flatMap((two): Slip[] => {
        const [first, second] = [one.changes[0]!, two.changes[0]!];
        if (touches(first).some((end) => touches(second).includes(end))) return [];
        const both = weigh([first, second]);
        return both.gain < Math.min(one.gain, two.gain) ? [both] : [];
      }),
    );
  return { singles: oddest(singles), pairs: () => oddest(pairs()) };
}

function lyingOn(change: Change): TerminalId[] {
  switch (change.kind) {
    case 'move':
      return [change.from, change.to];
    case 'exchange':
      return [change.one.at, change.two.at];
    case 'lay':
      return [change.conductor.from, change.conductor.to];
    default:
      return [];
  }
}

/** Ends of wires that a change touches: two changes of one end are one. */
function touches(change: Change): string[] {
  switch (change.kind) {
    case 'move':
      return [`${change.wire} ${change.end}`];
    case 'exchange':
      return [change.one, change.two].map(({ wire, end }) => `${wire} ${end}`);
    case 'take-out':
      return [`${change.wire} from`, `${change.wire} to`];
    case 'lay':
      return ['lay'];
    default:
      return [];
  }
}
