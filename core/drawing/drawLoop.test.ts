import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { loopWires, traceLoops } from '../loops/index';
import { applyEdit, type Plan } from '../plan/index';
import { atRest, buildWorld, lockStatuses } from '../simulate/index';
import { magnetDoor, mustApply, safeStrikeDoor, strikeDoor, wireBetween } from '../specimens/doors';
import { siteOf } from '../specimens/site';
import { bandWidth, contactPaths, drawLoop, liveView, toSvg, type Drawing, type Shape } from './index';
import { numberTried } from '../../scripts/testSlice';

const drawings = (plan: Plan, width = 250): Drawing[] =>
  traceLoops(plan, 'D01').map((loop) => drawLoop(plan, loop, { width }));
const of = <K extends Shape['kind']>(drawing: Drawing, kind: K) =>
  drawing.shapes.filter((shape): shape is Extract<Shape, { kind: K }> => shape.kind === kind);

describe('drawLoop', () => {
  it('draws every wire of every loop once', () => {
    for (const plan of [magnetDoor(), strikeDoor(), safeStrikeDoor()]) {
      for (const loop of traceLoops(plan, 'D01')) {
        const drawn = of(drawLoop(plan, loop, { width: 600 }), 'wire').map(({ conductor }) => conductor);
        expect([...drawn].sort()).toEqual([...loopWires(loop)].sort());
      }
    }
  });

  it('keeps boxes apart and everything inside the sheet', () => {
    for (const drawing of drawings(magnetDoor())) {
      const boxes = of(drawing, 'box');
      for (const [i, a] of boxes.entries()) {
        expect(a.x).toBeGreaterThanOrEqual(0);
        expect(a.x + a.width).toBeLessThanOrEqual(drawing.width);
        expect(a.y + a.height).toBeLessThanOrEqual(drawing.height);
        for (const b of boxes.slice(i + 1)) {
          const apart =
            a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y;
          expect(apart).toBe(true);
        }
      }
    }
  });

  it('grows to the width it is given, and wider where its devices need it', () => {
    const plan = magnetDoor();
    const [lock] = traceLoops(plan, 'D01');
    if (!lock) throw new Error('no loop');
    expect(drawLoop(plan, lock, { width: 1200 }).width).toBeCloseTo(1200, 6);
    expect(drawLoop(plan, lock, { width: 100 }).width).toBeGreaterThan(600);
  });

  it('stands a double-pole break across both legs, in one box', () => {
    const [lock] = drawings(magnetDoor(), 700);
    const boxes = of(lock!, 'box').filter(({ device }) => device === 'D01/EB1');
    expect(boxes).toHaveLength(1);
    expect(of(lock!, 'gang')).toHaveLength(1);
    expect(of(lock!, 'contact')).toHaveLength(4);
  });

  it('shows where a loop is open', () => {
    const plan = magnetDoor();
    const broken = mustApply(plan, { kind: 'disconnect', id: wireBetween(plan, 'F1.NC', 'K1.COM1') });
    expect(of(drawings(broken, 700)[0]!, 'gap')).toMatchObject([{ after: 'D01/F1.NC' }]);
  });

  it('writes lengths in the unit asked for, below the wire where there is no room beside the number', () => {
    const plan = magnetDoor();
    const exit = traceLoops(plan, 'D01').find(({ kind }) => kind === 'exit');
    if (!exit) throw new Error('no exit loop');
    const texts = (width: number, unit: 'm' | 'ft') =>
      of(drawLoop(plan, exit, { width, unit }), 'text')
        .filter(({ style }) => style === 'wire')
        .map(({ text }) => text);
    expect(texts(400, 'm')).toContain('W13 15 m');
    expect(texts(250, 'm')).toEqual(expect.arrayContaining(['W13', '15 m']));
    expect(texts(400, 'ft')).toContain('W13 49 ft');
  });

  it('never fails, whatever wires are missing', () => {
    const plan = magnetDoor();
    fc.assert(
      fc.property(
        fc.subarray(Object.keys(plan.conductors)),
        fc.integer({ min: 0, max: 1500 }),
        (gone, width) => {
          const left = gone.reduce((current, id) => {
            const result = applyEdit(current, { kind: 'disconnect', id });
            return result.ok ? result.plan : current;
          }, plan);
          for (const drawing of drawings(left, width)) {
            for (const shape of drawing.shapes) {
              for (const value of Object.values(shape))
                if (typeof value === 'number' && !Number.isFinite(value)) return false;
            }
          }
          return true;
        },
      ),
      { numRuns: numberTried(80) },
    );
  });
});

describe('a device of another door', () => {
  it('is written with its door, and what is of this one or of the site is not', () => {
    const site = siteOf({ doors: 2, perSupply: 2 });
    const tags = (door: string) =>
      new Set(
        traceLoops(site, door)
          .flatMap((loop) => of(drawLoop(site, loop, { width: 900 }), 'text'))
          .filter(({ style }) => style === 'tag')
          .map(({ text }) => text),
      );
    expect([...tags('D001')].filter((tag) => tag.includes('/'))).toEqual([]);
    expect([...tags('D002')].filter((tag) => tag.includes('/'))).toEqual(['D001/PS1']);
  });
});

describe('liveView', () => {
  const plan = magnetDoor();
  const world = buildWorld(plan, 'D01');
  const rest = atRest(world);
  const live = liveView(world.netlist, rest.point, new Set(), lockStatuses(world, rest.point), {
    held: 'held',
    free: 'free',
    weak: 'weak',
  });
  it('reads what a meter would', () => {
    expect(live.figures('D01/L1', 'winding')).toEqual([
      expect.stringMatching(/^13\.\d\d V$/),
      expect.stringMatching(/^0\.4\d A$/),
      'held',
    ]);
    expect(live.figures('D01/PS1', 'output')[1]).toMatch(/^0\.\d\d of 3 A$/);
    expect(live.figures('D01/K1', 'ex1')).toEqual(['open', '5.00 V']);
    expect(live.figures('D01/nothing', 'x')).toEqual([]);
  });
  it('knows which contacts are closed and which wires carry current', () => {
    expect(live.isClosed('D01/K1:k1.nc')).toBe(true);
    expect(live.isClosed('D01/K1:k1.no')).toBe(false);
    expect(live.ampsOf('D01/W01')).toBeGreaterThan(0.4);
    expect(live.ampsOf('D01/W13')).toBeCloseTo(0, 9);
  });
});

describe('toSvg', () => {
  it('gives well-formed text for every loop', () => {
    for (const drawing of drawings(magnetDoor(), 700)) {
      const svg = toSvg(drawing, 'A & B <loop>');
      expect(svg).toContain('<title>A &amp; B &lt;loop&gt;</title>');
      expect(svg.match(/<(rect|line|path|circle|text)\b/g)?.length).toBeGreaterThan(4);
      expect(svg).not.toMatch(/NaN|undefined/);
    }
  });
});

describe('bandWidth', () => {
  it('grows with the current, from nothing, and has an end', () => {
    expect(bandWidth(0)).toBe(0);
    expect(bandWidth(0.04)).toBeGreaterThan(6);
    expect(bandWidth(0.5)).toBeGreaterThan(bandWidth(0.04));
    expect(bandWidth(50)).toBeLessThanOrEqual(14);
  });
});

describe('contactPaths', () => {
  it('stands the arm off its stop when open', () => {
    const base = { kind: 'contact', part: 'x', x1: 0, y1: 50, x2: 88, y2: 50, live: false } as const;
    const arm = (closed: boolean) => contactPaths({ ...base, closed }).find((path) => path.arm)?.d;
    expect(arm(true)).not.toBe(arm(false));
  });
});
