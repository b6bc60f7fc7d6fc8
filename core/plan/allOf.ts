import type { Conductor } from './schemas/conductor';
import type { Device } from './schemas/device';
import type { Plan } from './plan';

const less = (a: string | null, b: string | null): number =>
  a === b ? 0 : a === null || (b !== null && a < b) ? -1 : 1;

/** Sorts a table once: tables are never changed, a new plan has new ones. */
function sortedOnce<T extends object>(compare: (a: T, b: T) => number) {
  const known = new WeakMap<Readonly<Record<string, T>>, readonly T[]>();
  return (table: Readonly<Record<string, T>>): readonly T[] => {
    const before = known.get(table);
    if (before) return before;
    const sorted = Object.values(table).sort(compare);
    known.set(table, sorted);
    return sorted;
  };
}

const conductors = sortedOnce<Conductor>(
  (a, b) => less(a.door, b.door) || less(a.number, b.number) || less(a.id, b.id),
);
const devices = sortedOnce<Device>((a, b) => less(a.door, b.door) || less(a.tag, b.tag) || less(a.id, b.id));

/**
 * Every conductor of a site by door and number. Whoever takes the first of several that would do takes the same one, whatever
 * order they were entered, read or received in.
 */
export const allConductors = ({ conductors: table }: Pick<Plan, 'conductors'>) => conductors(table);

/** Every device of a site by door and tag: see `allConductors`. */
export const allDevices = ({ devices: table }: Pick<Plan, 'devices'>) => devices(table);
