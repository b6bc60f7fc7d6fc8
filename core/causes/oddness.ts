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
  /** Sides of contacts and loads, each with the terminals on its other side: one side alone is of no use. */
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

/**
 * Terminals by which a contact or a load is wired, each with those on its other side: a common has its throws there, a throw its common, a
 * minus that two windings share has both. An output that the board itself feeds has but one side to be wired, and is none; nor is what a
 * line is laid to, which may end anywhere.
 */
function polesOf(plan: Plan, devices: ReadonlySet<string>): Map<TerminalId, TerminalId[]> {
  const poles = new Map<TerminalId, TerminalId[]>();
  for (const id of devices) {
    const device = plan.devices[id];
    const type = device && findTypeIn(plan, device.type);
    if (!type) continue;
    const outer = new Set(type.terminals.map((one) => one.id));
    const isLine = (pin: string) => usesOf(type).get(pin)?.includes('line') === true;
    const parts = presentParts(type, device.settings);
    const fed = new Set(type.parts.flatMap((one) => (one.kind === 'electronic' ? [one.a, one.b] : [])));
    for (const one of parts) if (one.kind === 'link') [one.a, one.b].forEach((pin) => fed.add(pin));
    const beside = new Map<string, string[]>();
    for (const { kind, a, b } of parts) {
      if (!CARRYING.has(kind) || (kind === 'contact' && (fed.has(a) || fed.has(b)))) continue;
      beside.set(a, [...(beside.get(a) ?? []), b]);
      beside.set(b, [...(beside.get(b) ?? []), a]);
    }
    // Through what lies inside to the terminals behind it.
    const away = (pin: string, from: string): string[] =>
      (beside.get(pin) ?? []).flatMap((next) =>
        next === from ? [] : outer.has(next) ? [next] : away(next, pin),
      );
    for (const pin of outer) {
      if (isLine(pin)) continue;
      const others = away(pin, '').filter((other) => other !== pin);
      if (others.length > 0)
        poles.set(
          terminalId(id, pin),
          others.map((other) => terminalId(id, other)),
        );
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
  for (const [side, away] of poles) if (isWired(side) && !away.some(isWired)) sum += 1;
  for (const [terminal, landed] of count) if (landed > room(terminal)) sum += 0.5;
  return sum;
}
