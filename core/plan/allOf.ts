import type { Conductor } from './schemas/conductor';
import type { Device } from './schemas/device';
import { oncePer } from './oncePer';
import type { Plan } from './plan';

const less = (a: string | null, b: string | null): number =>
  a === b ? 0 : a === null || (b !== null && a < b) ? -1 : 1;

/** The order of the site: by door and number or tag, and by id where those are the same. */
export const byConductor = (a: Conductor, b: Conductor): number =>
  less(a.door, b.door) || less(a.number, b.number) || less(a.id, b.id);
export const byDevice = (a: Device, b: Device): number =>
  less(a.door, b.door) || less(a.tag, b.tag) || less(a.id, b.id);

/** Where a thing stands in a sorted list, or would. */
export function placeIn<T>(sorted: readonly T[], thing: T, compare: (a: T, b: T) => number): number {
  let [low, high] = [0, sorted.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (compare(sorted[middle]!, thing) < 0) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** A table's entries in order; worked out once, and from an earlier state of the table where one is known. */
function sortedOnce<T extends { readonly id: string }>(compare: (a: T, b: T) => number) {
  return oncePer<Readonly<Record<string, T>>, readonly T[]>(
    (table) => Object.values(table).sort(compare),
    (known, from, table, ids) => {
      const sorted = [...known];
      for (const id of ids) {
        const [old, now] = [from[id], table[id]];
        if (old) sorted.splice(placeIn(sorted, old, compare), 1);
        if (now) sorted.splice(placeIn(sorted, now, compare), 0, now);
      }
      return sorted;
    },
  );
}

const conductors = sortedOnce<Conductor>(byConductor);
const devices = sortedOnce<Device>(byDevice);

/**
 * Every conductor of a site by door and number. Whoever takes the first of several that would do takes the same one, whatever
 * order they were entered, read or received in.
 */
export const allConductors = ({ conductors: table }: Pick<Plan, 'conductors'>) => conductors(table);

/** Every device of a site by door and tag: see `allConductors`. */
export const allDevices = ({ devices: table }: Pick<Plan, 'devices'>) => devices(table);
