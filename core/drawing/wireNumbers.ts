/** A right-angled way of a wire on the sheet: its corners, in drawing units. */
export type Way = readonly (readonly [number, number])[];

/** Where the number of a wire stands: the middle of its text, and whether the text reads upwards. */
export interface NumberPlace {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly upright: boolean;
}

/** A part of the sheet that is taken, in drawing units. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Height of the paper behind a number; less than the distance at which wires run beside each other. */
export const NUMBER_HEIGHT = 12;
const CHAR = 6.6;
const STEP = 6;
/** Half the width of a wire with its dark edge. */
const HALF_WIRE = 2.3;

/** What each thing costs that makes a place worse. An upright text is worth a short detour of the eye, no more. */
const COST = { taken: 1000, onWire: 100, beside: 60, upright: 12, offCentre: 10, tight: 30 } as const;

const boxOf = ({ x, y, width, upright }: NumberPlace): Box => {
  const [w, h] = upright ? [NUMBER_HEIGHT, width] : [width, NUMBER_HEIGHT];
  return { left: x - w / 2, right: x + w / 2, top: y - h / 2, bottom: y + h / 2 };
};

const meet = (a: Box, b: Box): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

const pieces = (way: Way): Box[] =>
  way.slice(1).map(([x2, y2], i) => {
    const [x1, y1] = way[i]!;
    return {
      left: Math.min(x1, x2) - HALF_WIRE,
      right: Math.max(x1, x2) + HALF_WIRE,
      top: Math.min(y1, y2) - HALF_WIRE,
      bottom: Math.max(y1, y2) + HALF_WIRE,
    };
  });

/** Every place along a way, with what the place itself costs, whatever stands around it. */
function candidates(way: Way, width: number): { place: NumberPlace; cost: number }[] {
  const found: { place: NumberPlace; cost: number }[] = [];
  for (let i = 0; i + 1 < way.length; i += 1) {
    const [x1, y1] = way[i]!;
    const [x2, y2] = way[i + 1]!;
    const upright = Math.abs(y2 - y1) > Math.abs(x2 - x1);
    const length = Math.abs(x2 - x1) + Math.abs(y2 - y1);
    const room = length - width - 6;
    const own = (upright ? COST.upright : 0) + (room < 0 ? COST.tight - room : -Math.min(room, 200) / 40);
    const half = room > 0 ? Math.floor(room / 2 / STEP) : 0;
    for (let k = -half; k <= half; k += 1) {
      const t = 0.5 + (k * STEP) / length;
      const place = { x: x1 + (x2 - x1) * t, y: y1 + (y2 - y1) * t, width, upright };
      found.push({ place, cost: own + (COST.offCentre * Math.abs(k)) / (half + 1) });
    }
    // Beside its wire a number stands only where it must: a jumper between two neighbours is too short for it.
    if (room > 12) continue;
    const [x, y] = [(x1 + x2) / 2, (y1 + y2) / 2];
    for (const side of [1, -1]) {
      const away = side * (HALF_WIRE + 3 + (upright ? width : NUMBER_HEIGHT) / 2);
      const place = { x: upright ? x + away : x, y: upright ? y : y + away, width, upright: false };
      found.push({ place, cost: COST.beside });
    }
  }
  return found;
}

/**
 * A place for the number of every wire, one after the other in the order given: on its own wire (beside it where
 * it is too short), where no other wire runs behind it and neither a box nor another number stands; level before
 * upright, the middle of a long piece before its ends.
 */
export function placeNumbers(
  wires: readonly { readonly id: string; readonly number: string; readonly way: Way }[],
  boxes: readonly Box[] = [],
): ReadonlyMap<string, NumberPlace> {
  const runs = wires.map(({ way }) => pieces(way));
  const taken: Box[] = [...boxes];
  const places = new Map<string, NumberPlace>();
  for (const [index, { id, number, way }] of wires.entries()) {
    let best: { place: NumberPlace; cost: number } | undefined;
    for (const { place, cost } of candidates(way, number.length * CHAR + 4)) {
      const box = boxOf(place);
      const over = taken.filter((one) => meet(box, one)).length;
      const crossed = runs.reduce(
        (sum, run, other) => sum + (other !== index && run.some((piece) => meet(box, piece)) ? 1 : 0),
        0,
      );
      const whole = cost + COST.taken * over + COST.onWire * crossed;
      if (!best || whole < best.cost) best = { place, cost: whole };
    }
    if (!best) continue;
    places.set(id, best.place);
    taken.push(boxOf(best.place));
  }
  return places;
}
