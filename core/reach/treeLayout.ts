import type { DoorId } from '../plan/index';
import type { ReleaseTree } from './releaseTree';

/** Sizes of the picture, in its own units. */
export const TREE = { box: 148, height: 36, column: 190, row: 46, left: 8, top: 28 } as const;

export type TreeColumn = 'zone' | 'relay' | 'part' | 'door';
const COLUMNS: readonly TreeColumn[] = ['zone', 'relay', 'part', 'door'];

export interface TreeBox {
  readonly column: TreeColumn;
  readonly id: string;
  readonly x: number;
  readonly y: number;
  /** A relay that no zone trips, a door that no relay is there to release. */
  readonly loose: boolean;
  /** A door that one of its relays does not free. */
  readonly shut: boolean;
}
export interface TreeEdge {
  readonly from: TreeBox;
  readonly to: TreeBox;
  /** Goes on through another door's terminals: what breaks there breaks it too. */
  readonly far: boolean;
  /** Leads to no door that it frees. */
  readonly idle: boolean;
}
export interface TreeLayout {
  readonly width: number;
  readonly height: number;
  readonly boxes: readonly TreeBox[];
  readonly edges: readonly TreeEdge[];
}

/**
 * Zones, relays, what they work on and doors in four columns. Doors stand in the order of what releases them, those that nothing
 * releases last; whatever stands before them stands as near to the middle of what it leads to as the boxes above it let.
 */
export function layTree({ zones, relays, parts, works, doors }: ReleaseTree): TreeLayout {
  const partsOf = (relay: string) => works.filter((work) => work.relay === relay).map(({ part }) => part);
  const zoneAt = (ids: readonly string[]) =>
    Math.min(...ids.map((id) => zones.findIndex((zone) => zone.id === id)), zones.length);
  const relayOrder = [...relays].sort((a, b) => zoneAt(a.zones) - zoneAt(b.zones));
  const partOrder = [...new Set(relayOrder.flatMap(({ id }) => partsOf(id)))];
  const rank = (id: DoorId): number => {
    const { by } = doors.find((door) => door.id === id)!;
    const places = by.map(({ part }) => partOrder.indexOf(part));
    return places.length > 0 ? Math.min(...places) : partOrder.length;
  };
  const doorOrder = [...doors].sort((a, b) => rank(a.id) - rank(b.id));
  const links: Record<TreeColumn, (id: string) => readonly string[]> = {
    zone: (id) => relays.filter((relay) => relay.zones.includes(id)).map((relay) => relay.id),
    relay: partsOf,
    part: (id) => doors.filter(({ by }) => by.some(({ part }) => part === id)).map((door) => door.id),
    door: () => [],
  };
  const ids: Record<TreeColumn, readonly string[]> = {
    zone: zones.map(({ id }) => id),
    relay: relayOrder.map(({ id }) => id),
    part: partOrder.filter((id) => parts.some((part) => part.id === id)),
    door: doorOrder.map(({ id }) => id),
  };
  const releases = doors.flatMap(({ id, by }) => by.map((one) => ({ ...one, door: id })));
  const isLoose = (column: TreeColumn, id: string): boolean =>
    column === 'relay'
      ? relays.some((relay) => relay.id === id && relay.zones.length === 0)
      : column === 'door' && !releases.some(({ door }) => door === id);
  const isIdle = (from: string, to: string): boolean => {
    const here = releases.filter(
      ({ relay, part, door }) => (part === from && door === to) || (relay === from && part === to),
    );
    return here.length > 0 && here.every(({ frees }) => !frees);
  };
  const placed = new Map<string, TreeBox>();
  const key = (column: TreeColumn, id: string) => `${column} ${id}`;
  for (const [index, column] of [...COLUMNS.entries()].reverse()) {
    const x = TREE.left + index * TREE.column;
    const after = COLUMNS[index + 1];
    let free: number = TREE.top;
    for (const id of ids[column]) {
      const to = after ? links[column](id).flatMap((one) => placed.get(key(after, one)) ?? []) : [];
      const middle = to.reduce((sum, { y }) => sum + y, 0) / to.length;
      const y = to.length > 0 ? Math.max(free, middle) : free;
      const shut = column === 'door' && releases.some(({ door, frees }) => door === id && !frees);
      placed.set(key(column, id), { column, id, x, y, loose: isLoose(column, id), shut });
      free = y + TREE.row;
    }
  }
  const boxes = [...placed.values()];
  const edges = boxes.flatMap((from) => {
    const after = COLUMNS[COLUMNS.indexOf(from.column) + 1];
    if (!after) return [];
    return links[from.column](from.id).flatMap((one) => {
      const to = placed.get(key(after, one));
      if (!to) return [];
      const far = works.some(({ relay, part, hops }) => relay === from.id && part === one && hops > 0);
      return [{ from, to, far, idle: isIdle(from.id, one) }];
    });
  });
  return {
    width: TREE.left * 2 + (COLUMNS.length - 1) * TREE.column + TREE.box,
    height: Math.max(TREE.top, ...boxes.map(({ y }) => y)) + TREE.row,
    boxes,
    edges,
  };
}
