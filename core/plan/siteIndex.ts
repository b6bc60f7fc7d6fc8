import { allConductors, allDevices, byConductor, byDevice, placeIn } from './allOf';
import { deviceOf } from './kinds/terminal';
import { oncePer } from './oncePer';
import type { DeviceId, DoorId, Plan } from './plan';
import type { Conductor } from './schemas/conductor';
import type { Device } from './schemas/device';

const natural = new Intl.Collator('en', { numeric: true }).compare;

/** Things sorted into drawers; a thing may lie in several. */
type Drawers<K, T> = ReadonlyMap<K, readonly T[]>;

/** How things are sorted into drawers, and in which order they lie there. */
interface Cabinet<K, T> {
  keysOf(thing: T): readonly K[];
  compare(a: T, b: T): number;
}

/** Sorts a table into drawers; after a change only those that it reaches are sorted anew. */
const drawersOnce = <K, T extends { readonly id: string }>(
  all: (table: Readonly<Record<string, T>>) => readonly T[],
  { keysOf, compare }: Cabinet<K, T>,
) =>
  oncePer<Readonly<Record<string, T>>, Drawers<K, T>>(
    (table) => {
      const drawers = new Map<K, T[]>();
      for (const thing of all(table)) {
        for (const key of keysOf(thing)) {
          const drawer = drawers.get(key);
          if (drawer) drawer.push(thing);
          else drawers.set(key, [thing]);
        }
      }
      for (const drawer of drawers.values()) drawer.sort(compare);
      return drawers;
    },
    (known, from, table, ids) => {
      const drawers = new Map(known);
      const without = (key: K, thing: T) => {
        const left = (drawers.get(key) ?? []).filter((one) => one !== thing);
        if (left.length > 0) drawers.set(key, left);
        else drawers.delete(key);
      };
      const having = (key: K, thing: T) => {
        const drawer = [...(drawers.get(key) ?? [])];
        drawer.splice(placeIn(drawer, thing, compare), 0, thing);
        drawers.set(key, drawer);
      };
      for (const id of ids) {
        const [old, now] = [from[id], table[id]];
        if (old) for (const key of keysOf(old)) without(key, old);
        if (now) for (const key of keysOf(now)) having(key, now);
      }
      return drawers;
    },
  );

const EMPTY: readonly never[] = [];

const byDoor = drawersOnce<DoorId | null, Device>((devices) => allDevices({ devices }), {
  keysOf: ({ door }) => [door],
  compare: (a, b) => natural(a.tag, b.tag) || byDevice(a, b),
});

const wiresByDoor = drawersOnce<DoorId, Conductor>((conductors) => allConductors({ conductors }), {
  keysOf: ({ door }) => [door],
  compare: (a, b) => natural(a.number, b.number) || byConductor(a, b),
});

const wiresByDevice = drawersOnce<DeviceId, Conductor>((conductors) => allConductors({ conductors }), {
  keysOf: ({ from, to }) => {
    const [one, two] = [deviceOf(from), deviceOf(to)];
    return one === two ? [one] : [one, two];
  },
  compare: byConductor,
});

/** Devices of a door, in tag order; of the site itself where there is no door. */
export const devicesOf = ({ devices }: Pick<Plan, 'devices'>, door: DoorId | null): readonly Device[] =>
  byDoor(devices).get(door) ?? EMPTY;

/** Conductors numbered for a door, in wire-number order. */
export const conductorsOf = ({ conductors }: Pick<Plan, 'conductors'>, door: DoorId): readonly Conductor[] =>
  wiresByDoor(conductors).get(door) ?? EMPTY;

/** Conductors with an end on a device, in the order of the site. */
export const wiresOn = ({ conductors }: Pick<Plan, 'conductors'>, device: DeviceId): readonly Conductor[] =>
  wiresByDevice(conductors).get(device) ?? EMPTY;

/** Devices in the order of the site. Those that are not in the plan are left out. */
export const inSiteOrder = ({ devices }: Pick<Plan, 'devices'>, ids: Iterable<DeviceId>): Device[] =>
  [...ids].flatMap((id) => devices[id] ?? []).sort(byDevice);

/** Conductors in the order of the site. */
export const wiresInSiteOrder = (wires: Iterable<Conductor>): Conductor[] => [...wires].sort(byConductor);
