import { findTypeIn, shownLength, type Plan } from '../plan/index';
import { COLOURS, type LengthUnit } from '../units/index';
import type { Leg, LegStep, Loop, RoundLoop, BundleLoop } from '../loops/index';
import { mergeColumns, planLeg, type LegPlan } from './legPlan';
import { boxOf, doorOfLoop, figures, passKind, passOf, pin, THROUGH } from './boxes';
import type { Drawing, Live, Shape } from './shapes';

/** Measures of a loop drawing, in units that the screen shows as pixels. */
interface Measures {
  readonly source: number;
  readonly load: number;
  readonly gap: number;
  /** Between the two legs. */
  readonly legs: number;
}
const LARGE: Measures = { source: 108, load: 112, gap: 66, legs: 104 };
const SMALL: Measures = { source: 94, load: 92, gap: 52, legs: 66 };
const measuresOf = (loop: Loop): Measures => (loop.kind === 'lock-power' ? LARGE : SMALL);
/** Width of one character of a figure at its 11 units. */
const FIGURE_WIDTH = 6.7;
const UPPER = 56;
const ABOVE = 50;
const BELOW = 28;
const EDGE = 6;

export interface DrawOptions {
  /** Width to fill; the drawing grows wider where its devices need it. */
  readonly width: number;
  readonly unit?: LengthUnit;
  readonly live?: Live;
}

/** Draws one loop: source at the left, load at the right, supply leg above, return leg below. */
export function drawLoop(plan: Plan, loop: Loop, options: DrawOptions): Drawing {
  return loop.shape === 'round' ? drawRound(plan, loop, options) : drawBundle(plan, loop, options);
}

function drawRound(plan: Plan, loop: RoundLoop, options: DrawOptions): Drawing {
  const upper = planLeg(loop.supply, loop.source.top);
  const lower = planLeg(leftToRight(loop.back), loop.source.bottom);
  const columns = mergeColumns(upper.passes, lower.passes);
  const size = measuresOf(loop);
  const boxes = size.source + size.load + columns.length * THROUGH + 2 * EDGE;
  const gap = Math.max(size.gap, (options.width - boxes) / (columns.length + 1));
  const columnX = columns.map((_, index) => EDGE + size.source + gap + index * (THROUGH + gap));
  const loadX = EDGE + size.source + gap + columns.length * (THROUGH + gap);
  // Two boxes that stand one above the other need more room than two bare legs.
  const apart =
    columns.some((column) => column.upper === null || column.lower === null) && lower.passes.length > 0;
  const lowerY = UPPER + (apart ? Math.max(size.legs, ABOVE + BELOW + 14) : size.legs);
  const height = lowerY + BELOW + EDGE;
  const shapes: Shape[] = [];
  const legs: [LegPlan, number, 'upper' | 'lower'][] = [
    [upper, UPPER, 'upper'],
    [lower, lowerY, 'lower'],
  ];
  for (const [leg, y, side] of legs) {
    const xs = leg.passes.map(
      (_, index) => columnX[columns.findIndex((column) => column[side] === index)] ?? 0,
    );
    shapes.push(...joinsOf(plan, leg, xs, [EDGE + size.source, loadX], y, options));
  }
  columns.forEach((column, index) => {
    const x = columnX[index] ?? 0;
    const top = column.upper === null ? lowerY - ABOVE : UPPER - ABOVE;
    const bottom = column.lower === null ? UPPER + BELOW : lowerY + BELOW;
    const pass = upper.passes[column.upper ?? -1] ?? lower.passes[column.lower ?? -1];
    if (!pass) return;
    shapes.push(
      ...boxOf(
        plan,
        doorOfLoop(plan, loop.load.device, loop.source.device),
        pass.device,
        'through',
        x,
        top,
        THROUGH,
        bottom - top,
      ),
    );
    const poles = [upper.passes[column.upper ?? -1], lower.passes[column.lower ?? -1]];
    if (poles.every((one) => one && passKind(plan, one.step) === 'contact')) {
      shapes.push({ kind: 'gang', x: x + THROUGH / 2, y1: UPPER + 10, y2: lowerY - 14 });
    }
    for (const [leg, y, at] of [
      [upper, UPPER, column.upper],
      [lower, lowerY, column.lower],
    ] as const) {
      const one = at === null ? undefined : leg.passes[at];
      if (one) shapes.push(...passOf(plan, one.step, one.terminal, x, y, options.live));
    }
  });
  shapes.push(...sourceOf(plan, loop, lowerY, height, options.live));
  shapes.push(...loadOf(plan, loop, loadX, lowerY, height, options.live));
  return { width: loadX + size.load + EDGE, height, shapes };
}

/** The return leg is traced from the load; drawn, it starts at the source like the supply leg. */
function leftToRight(leg: Leg): Leg {
  const turn = (steps: readonly LegStep[]): LegStep[] =>
    [...steps].reverse().map((step) => ({ ...step, from: step.to, to: step.from }));
  return leg.complete
    ? { complete: true, steps: turn(leg.steps) }
    : { complete: false, near: turn(leg.near), far: turn(leg.far) };
}

function joinsOf(
  plan: Plan,
  leg: LegPlan,
  xs: number[],
  [start, end]: readonly [number, number],
  y: number,
  options: DrawOptions,
): Shape[] {
  return leg.joins.flatMap((join, index): Shape[] => {
    const x1 = index === 0 ? start : (xs[index - 1] ?? 0) + THROUGH;
    const x2 = index < xs.length ? (xs[index] ?? 0) : end;
    if (join.kind === 'wire') return wireOf(plan, join.conductor, x1, x2, y, options);
    if (join.kind === 'gap') return [{ kind: 'gap', x1, x2, y, after: join.after }];
    return [
      {
        kind: 'lead',
        points: [
          [x1, y],
          [x2, y],
        ],
      },
    ];
  });
}

function wireOf(
  plan: Plan,
  id: string,
  x1: number,
  x2: number,
  y: number,
  { live, unit }: DrawOptions,
): Shape[] {
  const wire = plan.conductors[id];
  if (!wire) return [];
  const middle = (x1 + x2) / 2;
  const labels = wireLabel(plan, id, x2 - x1, unit).map((text, line): Shape => ({
    kind: 'text',
    style: 'wire',
    x: middle,
    y: line === 0 ? y - 10 : y + 18,
    anchor: 'middle',
    text,
    of: id,
  }));
  return [
    {
      kind: 'wire',
      conductor: id,
      x1,
      y1: y,
      x2,
      y2: y,
      hex: COLOURS[wire.colour].hex,
      amps: Math.abs(live?.ampsOf(id) ?? 0),
      cut: live?.isCut(id) ?? false,
    },
    ...labels,
  ];
}

/** Number and length of a wire: in one line where they fit beside each other, else the length below the wire. */
function wireLabel(plan: Plan, id: string, room: number, unit?: LengthUnit): string[] {
  const wire = plan.conductors[id];
  if (!wire) return [];
  if (wire.length < 1) return [wire.number];
  const length = shownLength(wire, unit);
  const together = `${wire.number} ${length}`;
  return together.length * FIGURE_WIDTH <= room - 8 ? [together] : [wire.number, length];
}

/** A figure in fewer letters where the box is too narrow for it: 0.45/2.5 A. */
const narrowed = (line: string, room: number): string =>
  line.length * FIGURE_WIDTH <= room ? line : line.replace(' of ', '/');

function sourceOf(plan: Plan, loop: RoundLoop, lowerY: number, height: number, live?: Live): Shape[] {
  const { device, part, top, bottom } = loop.source;
  const { source } = measuresOf(loop);
  const x = EDGE + source;
  if (part === '') return [];
  return [
    ...boxOf(
      plan,
      doorOfLoop(plan, loop.load.device, device),
      device,
      'source',
      EDGE,
      EDGE,
      source,
      height - 2 * EDGE,
    ),
    ...figures(
      (live?.figures(device, part) ?? []).map((line) => narrowed(line, source - 14)),
      device,
      EDGE + 9,
      (UPPER + lowerY) / 2 + 4,
    ),
    { kind: 'terminal', terminal: top, x, y: UPPER },
    { kind: 'terminal', terminal: bottom, x, y: lowerY },
    pin(top, x - 10, UPPER + 4, 'end'),
    pin(bottom, x - 10, lowerY + 4, 'end'),
  ];
}

function loadOf(
  plan: Plan,
  loop: RoundLoop,
  x: number,
  lowerY: number,
  height: number,
  live?: Live,
): Shape[] {
  const { device, part, top, bottom } = loop.load;
  const role = loop.kind === 'lock-power' ? 'lock' : 'load';
  const spec = findTypeIn(plan, plan.devices[device]?.type ?? '')?.parts.find((one) => one.id === part);
  const key = `${device}:${part}`;
  const width = measuresOf(loop).load;
  const arm = x + width - 26;
  const inside: Shape[] =
    spec?.kind === 'contact'
      ? [
          {
            kind: 'lead',
            points: [
              [x, UPPER],
              [arm, UPPER],
              [arm, UPPER + 16],
            ],
          },
          {
            kind: 'lead',
            points: [
              [x, lowerY],
              [arm, lowerY],
              [arm, lowerY - 16],
            ],
          },
          {
            kind: 'contact',
            part: key,
            x1: arm,
            y1: lowerY - 16,
            x2: arm,
            y2: UPPER + 16,
            closed: live?.isClosed(key) ?? spec.form === 'NC',
            live: Math.abs(live?.ampsThrough(key) ?? 0) > 1e-4,
          },
        ]
      : figures(live?.figures(device, part) ?? [], device, x + 22, (UPPER + lowerY) / 2 + 2);
  const shift = spec?.kind === 'contact' ? 17 : 4;
  return [
    ...boxOf(plan, doorOfLoop(plan, device), device, role, x, EDGE, width, height - 2 * EDGE),
    ...inside,
    { kind: 'terminal', terminal: top, x, y: UPPER },
    { kind: 'terminal', terminal: bottom, x, y: lowerY },
    pin(top, x + 10, UPPER + shift, 'start'),
    pin(bottom, x + 10, lowerY + (spec?.kind === 'contact' ? -9 : 4), 'start'),
  ];
}

function drawBundle(plan: Plan, loop: BundleLoop, options: DrawOptions): Drawing {
  const width = Math.max(options.width, SMALL.source + SMALL.load + SMALL.gap + 2 * EDGE);
  const rightX = width - EDGE - SMALL.load;
  // Where a length stands below its wire, the next number needs room above the next one.
  const between = rightX - EDGE - SMALL.source;
  const stacked = loop.lines.some(
    ({ conductor }) => wireLabel(plan, conductor, between, options.unit).length > 1,
  );
  const step = stacked ? 48 : 34;
  const height = UPPER + (loop.lines.length - 1) * step + BELOW + EDGE;
  const door = doorOfLoop(plan, loop.right, loop.left);
  const source = options.live?.figures(loop.left, '') ?? [];
  const shapes: Shape[] = [
    ...boxOf(plan, door, loop.left, 'source', EDGE, EDGE, SMALL.source, height - 2 * EDGE),
    ...boxOf(plan, door, loop.right, 'load', rightX, EDGE, SMALL.load, height - 2 * EDGE),
    ...figures(source, loop.left, EDGE + 9, height / 2),
  ];
  loop.lines.forEach(({ conductor, left, right }, index) => {
    const y = UPPER + index * step;
    shapes.push(
      ...wireOf(plan, conductor, EDGE + SMALL.source, rightX, y, options),
      { kind: 'terminal', terminal: left, x: EDGE + SMALL.source, y },
      { kind: 'terminal', terminal: right, x: rightX, y },
      pin(left, EDGE + SMALL.source - 10, y + 4, 'end'),
      pin(right, rightX + 10, y + 4, 'start'),
    );
  });
  return { width, height, shapes };
}
