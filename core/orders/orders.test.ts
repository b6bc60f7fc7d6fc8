import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, type Plan } from '../plan/index';
import { atRest, buildWorld, remembering, type SimState } from '../simulate/index';
import { mustApply } from '../specimens/doors';
import { ORDER_MISTAKES } from '../specimens/orderMistakes';
import { door } from '../specimens/ruleEdits';
import { vestibule } from '../specimens/vestibule';
import { eventsOf } from './events';
import { exploreOrders, stepIn, type Bounds, type OrdersReport } from './explore';
import { PROMISES } from './promises/index';
import { stateFingerprints } from './stateFingerprint';
import { walkOrders } from './naive';
import { everyNth, isSoak, numberTried } from '../../scripts/testSlice';

function explored(plan: Plan, bounds: Bounds): OrdersReport {
  const steps = exploreOrders(buildWorld(plan, 'D01'), bounds);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
const brokenOf = ({ broken }: OrdersReport) =>
  new Map(broken.map(({ promise, story }) => [promise, story.length]));

describe('every order of events', () => {
  it('has a table of at least twenty mistakes, each in its own words', () => {
    expect(new Set(ORDER_MISTAKES.map(({ name }) => name)).size).toBe(ORDER_MISTAKES.length);
    expect(ORDER_MISTAKES.length).toBeGreaterThanOrEqual(20);
    const promises = new Set(ORDER_MISTAKES.map(({ promise }) => promise));
    expect([...PROMISES].filter((promise) => !promises.has(promise))).toEqual([]);
  });

  it.each(everyNth(ORDER_MISTAKES, 6).map((mistake) => [mistake.name, mistake] as const))(
    'finds: %s',
    (_, { make, edits, promise, events }) => {
      const right = make();
      const wrong = mustApply(right, ...edits(right));
      const found = explored(wrong, { states: 20_000, depth: Math.max(3, events) }).broken.find(
        (one) => one.promise === promise,
      );
      expect(found?.story).toHaveLength(events);
      // Sound before, but for the doors that are there to show what a door without a glass comes to.
      if (promise !== 'way-out')
        expect(explored(right, { states: 2000, depth: 3 }).broken.map((one) => one.promise)).not.toContain(
          promise,
        );
    },
  );

  it.each(everyNth(HARDWARE_SETS, 8).map(({ id }) => [id] as const))(
    '%s keeps every promise, as far as is looked',
    (id) => {
      const report = explored(door(id), { states: isSoak ? 1500 : 800, depth: 60 });
      expect(report.broken).toEqual([]);
      expect(report.states).toBeGreaterThan(500);
    },
  );

  it('goes through both doors of a small room as one machine, and every promise holds', () => {
    const report = explored(vestibule(), { states: isSoak ? 2500 : 1000, depth: 60 });
    expect(report.broken).toEqual([]);
    expect(report.notAsked.has('one-at-a-time')).toBe(false);
    const events = eventsOf(buildWorld(vestibule(), 'D01')).map(({ id }) => id);
    expect(events).toEqual(expect.arrayContaining(['card:D02/R1:0', 'press:D02/X1', 'others-open']));
    // One controller or not: doors that nothing interlocks are left alone.
    expect(explored(door('magnet-controller'), { states: 50, depth: 2 }).notAsked.get('one-at-a-time')).toBe(
      'no-partner',
    );
  });

  it('is exhausted where a door has few states, and says so where it is not', () => {
    const small = explored(door('strike-keypad'), { states: 20_000, depth: 500 });
    expect(small).toMatchObject({ exhausted: true });
    const cut = explored(door('strike-keypad'), { states: 100, depth: 500 });
    expect([cut.exhausted, cut.states]).toEqual([false, 100]);
    expect(explored(door('strike-keypad'), { states: 20_000, depth: 4 })).toMatchObject({
      exhausted: false,
      depth: 3,
    });
  });
});

describe('the slow twin, which walks every row by itself', () => {
  /** What both say of a door up to a depth: promises with the length of the shortest row, and the states that were met. */
  const compare = (plan: Plan, depth: number) => {
    const world = buildWorld(plan, 'D01');
    const memory = remembering(world);
    const slow = walkOrders(world, depth, stateFingerprints(memory));
    const fast = explored(plan, { states: 1_000_000, depth });
    expect(brokenOf(fast)).toEqual(slow.broken);
    expect(fast.states).toBe(slow.met.size);
  };

  it.each([
    ['strike-keypad', isSoak ? 5 : 4],
    ['gate-keypad', isSoak ? 4 : 3],
    ['strike-keypad-safe', isSoak ? 4 : 3],
    ['operator-strike', 3],
    ['magnet-controller', 3],
    ['mortise-bus', 3],
  ] as const)('meets the same states at a %s door, to depth %d', (set, depth) => {
    compare(door(set), depth);
  });

  it('meets the same states at a small room with a door at either end, to depth 3', () => {
    compare(vestibule(), 3);
  });

  it('breaks the same promises by rows of the same length, at doors with a wire off', () => {
    fc.assert(
      fc.property(fc.constantFrom('strike-keypad-safe', 'gate-keypad'), fc.nat(40), (set, which) => {
        const plan = door(set);
        const wires = conductorsOf(plan, 'D01');
        compare(mustApply(plan, { kind: 'disconnect', id: wires[which % wires.length]!.id }), 3);
      }),
      { numRuns: numberTried(10) },
    );
  });

  it('goes the same way with a memory as without, event by event', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('magnet-controller', 'operator-strike', 'lobby-pull', 'shear-two-outputs'),
        fc.array(fc.nat(1000), { minLength: 1, maxLength: 25 }),
        (set, picks) => {
          const world = buildWorld(door(set), 'D01');
          const memory = remembering(world);
          const events = eventsOf(world);
          let [plain, kept] = [atRest(world), atRest(memory.world)];
          const shown = ({ point, readings, boards, ...rest }: SimState) => ({
            ...rest,
            on: [...point.on],
            volts: [...point.volts].map((volts) => Math.round(volts * 1e6)),
            readings: [...readings],
            boards: [...boards],
          });
          for (const pick of picks) {
            const may = events.filter((event) => event.may(plain));
            const event = may[pick % may.length]!;
            plain = stepIn(world, plain, event).state;
            kept = stepIn(memory.world, kept, event).state;
            expect(shown(kept)).toEqual(shown(plain));
          }
        },
      ),
      { numRuns: numberTried(40) },
    );
  });
});
