import type { DoorId } from '../plan/index';
import type { SiteGraph } from './graph';

/** Sizes of the picture, in its own units. */
export const BOX = { width: 118, height: 54, column: 190, row: 74, left: 16, top: 34 } as const;
/** The frame of a door on its line. */
export const DOOR_BOX = { width: 50, height: 34 } as const;

export interface PlacedSpace {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}
export interface PlacedDoor {
  readonly door: DoorId;
  /** Middle of its frame. */
  readonly x: number;
  readonly y: number;
  /** Corners of its line. */
  readonly line: readonly (readonly [number, number])[];
}
export interface RoomLayout {
  readonly width: number;
  readonly height: number;
  /** How many doors away from outside each column is, from the left. */
  readonly columns: number;
  /** True where the last column holds what no door joins to outside. */
  readonly loose: boolean;
  readonly spaces: readonly PlacedSpace[];
  readonly doors: readonly PlacedDoor[];
}

/**
 * Rooms in columns by how many doors they are away from outside, whatever those doors do now, so that the picture stands still
 * from one situation to the next. Each room stands beside the one by which it is reached first; what no door joins comes last.
 */
export function layRooms({ spaces, passages }: SiteGraph): RoomLayout {
  const order = new Map(spaces.map(({ id }, index) => [id, index]));
  const column = new Map<string, number>();
  const by = new Map<string, DoorId>();
  const children = new Map<string, string[]>();
  let edge = spaces.filter(({ kind }) => kind === 'outside').map(({ id }) => id);
  for (const id of edge) column.set(id, 0);
  for (let depth = 1; edge.length > 0; depth += 1) {
    const next: string[] = [];
    for (const at of edge)
      for (const { door, outside, inside } of passages) {
        const other = outside === at ? inside : inside === at ? outside : null;
        if (other === null || column.has(other) || !order.has(other)) continue;
        column.set(other, depth);
        by.set(other, door);
        children.set(at, [...(children.get(at) ?? []), other]);
        next.push(other);
      }
    edge = next;
  }
  const joined = Math.max(0, ...column.values());
  const alone = spaces.filter(({ id }) => !column.has(id));
  for (const { id } of alone) column.set(id, joined + 1);
  const row = new Map<string, number>();
  let free = 0;
  const place = (id: string): void => {
    const inner = [...(children.get(id) ?? [])].sort((a, b) => order.get(a)! - order.get(b)!);
    row.set(id, free);
    if (inner.length === 0) free += 1;
    for (const one of inner) place(one);
  };
  const roots = spaces.filter(({ id }) => column.get(id) === 0);
  for (const { id } of roots) place(id);
  let looseRow = 0;
  for (const { id } of alone) {
    row.set(id, looseRow);
    looseRow += 1;
  }
  const rows = Math.max(1, free, looseRow);
  const xOf = (id: string) => BOX.left + column.get(id)! * BOX.column;
  const yOf = (id: string) => BOX.top + row.get(id)! * BOX.row;
  const placed = spaces.map(({ id }): PlacedSpace => {
    // Outside is a wall along all that it leads to.
    const inner = children.get(id) ?? [];
    const last =
      column.get(id) === 0 ? Math.max(row.get(id)!, ...inner.map((one) => row.get(one)!)) : row.get(id)!;
    const height = (last - row.get(id)!) * BOX.row + BOX.height;
    return { id, x: xOf(id), y: yOf(id), width: BOX.width, height };
  });
  const box = new Map(placed.map((one) => [one.id, one]));
  const used = new Map<string, number>();
  const doors = passages.flatMap(({ door, outside, inside }): PlacedDoor[] => {
    const [a, b] = [box.get(outside), box.get(inside)];
    if (!a || !b) return [];
    const [from, to] = a.x <= b.x ? [a, b] : [b, a];
    const straight = by.get(to.id) === door;
    if (straight) {
      const y = to.y + BOX.height / 2;
      // The way branches off in front of the door's frame.
      const start = Math.min(Math.max(y, from.y + 8), from.y + from.height - 8);
      const bend = from.x + from.width + 14;
      const line: (readonly [number, number])[] =
        start === y
          ? [
              [from.x + from.width, y],
              [to.x, y],
            ]
          : [
              [from.x + from.width, start],
              [bend, start],
              [bend, y],
              [to.x, y],
            ];
      return [{ door, x: (from.x + from.width + to.x) / 2 + 6, y, line }];
    }
    // A second way between two rooms runs in the gap behind them.
    const key = `${Math.max(from.x, to.x)}`;
    const lane = used.get(key) ?? 0;
    used.set(key, lane + 1);
    const x = Math.max(from.x, to.x) + BOX.width + 34 + (lane % 2) * 58;
    const [one, two] = [from.y + from.height - 12, to.y + 12];
    return [
      {
        door,
        x,
        y: (one + two) / 2,
        line: [
          [from.x + from.width, one],
          [x, one],
          [x, two],
          [to.x + to.width, two],
        ],
      },
    ];
  });
  const right = Math.max(0, ...placed.map(({ x, width }) => x + width), ...doors.map(({ x }) => x + 30));
  return {
    width: right + BOX.left,
    height: BOX.top + rows * BOX.row,
    columns: joined + 1,
    loose: alone.length > 0,
    spaces: placed,
    doors,
  };
}
