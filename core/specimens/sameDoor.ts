import { deviceOf, pinOf, terminalId, type Conductor, type Plan, type TerminalId } from '../plan/index';

/** Another way to write down the same wiring, and how to read its ids as those of the first. */
export interface Rewriting {
  readonly name: string;
  rewrite(plan: Plan): Plan;
  /** The id in the first plan of a wire or a device of the second. */
  wire(id: string): string;
  device(id: string): string;
}

const mapped = <T>(table: Readonly<Record<string, T>>, of: (value: T) => T): Record<string, T> =>
  Object.fromEntries(Object.entries(table).map(([id, value]) => [id, of(value)]));
const backwards = <T>(table: Readonly<Record<string, T>>): Record<string, T> =>
  Object.fromEntries(Object.entries(table).reverse());

/** `D01/K1` as `~1K/10D`: sorted otherwise. */
const mirrored = (id: string): string => `~${[...id].reverse().join('')}`;
/** The id before; what came later than the rewriting has none. */
const before = (id: string): string => (id.startsWith('~') ? [...id.slice(1)].reverse().join('') : id);
const renamedEnd = (end: TerminalId): TerminalId => terminalId(mirrored(deviceOf(end)), pinOf(end));

/**
 * Rewritings that mean nothing to an electron: who holds which end of a wire, in what order things were entered,
 * what their ids are. Whatever is said of a door must come out the same.
 */
export const REWRITINGS: readonly Rewriting[] = [
  {
    name: 'with the two ends of every wire exchanged',
    rewrite: (plan) => ({
      ...plan,
      conductors: mapped(plan.conductors, ({ from, to, ...wire }): Conductor => ({
        ...wire,
        from: to,
        to: from,
      })),
    }),
    wire: (id) => id,
    device: (id) => id,
  },
  {
    name: 'entered in the opposite order',
    rewrite: (plan) => ({
      ...plan,
      devices: backwards(plan.devices),
      conductors: backwards(plan.conductors),
      cables: backwards(plan.cables),
      people: backwards(plan.people),
    }),
    wire: (id) => id,
    device: (id) => id,
  },
  {
    name: 'with other ids for its wires',
    rewrite: (plan) => ({
      ...plan,
      conductors: Object.fromEntries(
        Object.values(plan.conductors).map((wire) => [mirrored(wire.id), { ...wire, id: mirrored(wire.id) }]),
      ),
    }),
    wire: before,
    device: (id) => id,
  },
  {
    name: 'with other ids for its devices',
    rewrite: (plan) => ({
      ...plan,
      devices: Object.fromEntries(
        Object.values(plan.devices).map((device) => [
          mirrored(device.id),
          { ...device, id: mirrored(device.id) },
        ]),
      ),
      conductors: mapped(plan.conductors, (wire) => ({
        ...wire,
        from: renamedEnd(wire.from),
        to: renamedEnd(wire.to),
      })),
      people: mapped(plan.people, (person) => ({
        ...person,
        slots: Object.fromEntries(Object.entries(person.slots).map(([id, slot]) => [mirrored(id), slot])),
      })),
      memories: Object.fromEntries(
        Object.values(plan.memories).map((memory) => [
          mirrored(memory.device),
          { ...memory, device: mirrored(memory.device) },
        ]),
      ),
    }),
    wire: (id) => id,
    device: before,
  },
];
