import {
  conductorsOf,
  deviceOf,
  devicesOf,
  findTypeIn,
  pinOf,
  terminalId,
  type Conductor,
  type DoorId,
  type Plan,
  type TerminalId,
} from '../plan/index';
import { presentParts, type Part } from '../devices/index';
import { isOdd, usesOf, type Use } from './terminalUse';

/** The wires of a door as they would be. */
type Wires = readonly Pick<Conductor, 'from' | 'to'>[];

/** A door's wires and terminals, with what each is there for. */
export interface Terrain {
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

export function terrainOf(plan: Plan, door: DoorId): Terrain {
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
export function oddness({ uses, needed, poles, taken, room }: Terrain, wires: Wires): number {
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
