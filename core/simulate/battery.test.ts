import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ResolvedBattery } from '../circuit/index';
import { HARDWARE_SETS } from '../brief/index';
import { door } from '../specimens/ruleEdits';
import {
  advance,
  atRest,
  batteryFeed,
  batteryVolts,
  buildWorld,
  stimulate,
  type SimState,
  type World,
} from './index';

const battery: fc.Arbitrary<ResolvedBattery> = fc
  .record({
    ampHours: fc.double({ min: 0.5, max: 100, noNaN: true }),
    cutOffVolts: fc.double({ min: 9, max: 22, noNaN: true }),
    above: fc.double({ min: 0.1, max: 6, noNaN: true }),
  })
  .map(({ ampHours, cutOffVolts, above }) => ({
    ampHours,
    cutOffVolts,
    fullVolts: cutOffVolts + above,
    ohms: 0.08,
  }));
const share = fc.double({ min: -0.5, max: 1.5, noNaN: true });

describe('a battery’s voltage', () => {
  it('lies between cut-off and full, whatever charge is claimed', () => {
    fc.assert(
      fc.property(battery, share, (one, left) => {
        const volts = batteryVolts(one, left * one.ampHours);
        expect(volts).toBeGreaterThanOrEqual(one.cutOffVolts - 1e-9);
        expect(volts).toBeLessThanOrEqual(one.fullVolts + 1e-9);
      }),
    );
  });
  it('never rises as it empties', () => {
    fc.assert(
      fc.property(battery, share, share, (one, a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)].map((part) =>
          batteryVolts(one, part * one.ampHours),
        );
        expect(less).toBeLessThanOrEqual(more! + 1e-9);
      }),
    );
  });
  it('is full when full, at cut-off when all but empty, and nothing when empty', () => {
    fc.assert(
      fc.property(battery, (one) => {
        expect(batteryVolts(one, one.ampHours)).toBeCloseTo(one.fullVolts, 9);
        expect(batteryFeed(one, 1e-9)).toMatchObject({ kind: 'battery' });
        expect(batteryFeed(one, 0)).toEqual({ kind: 'off' });
        expect(batteryFeed(one, -1)).toEqual({ kind: 'off' });
      }),
    );
  });
});

const charge = (state: SimState): number => [...state.charge.values()].reduce((sum, one) => sum + one, 0);
const onBattery = (world: World): SimState =>
  stimulate(world, atRest(world), { kind: 'mains', on: false }).state;

describe('a door on its battery', () => {
  const sets = HARDWARE_SETS.map(({ id }) => id);

  it.each(sets)('%s: loses charge by what is drawn, and by nothing on mains', (set) => {
    const world = buildWorld(door(set), 'D01');
    const rest = atRest(world);
    expect(charge(advance(world, rest, 3_600_000).state)).toBe(charge(rest));
    const start = onBattery(world);
    const hour = advance(world, start, start.now + 3_600_000).state;
    const drawn = world.netlist.branches.reduce((sum, branch, index) => {
      const feeds = branch.kind === 'source' && start.feeds.get(branch.id)?.kind === 'battery';
      return feeds ? sum + Math.max(0, -(start.point.amps[index] ?? 0)) : sum;
    }, 0);
    // One hour at the current of its first minute; it falls by little in so short a time.
    expect(charge(start) - charge(hour)).toBeGreaterThan(drawn * 0.9);
    expect(charge(start) - charge(hour)).toBeLessThan(drawn * 1.1 + 1e-9);
  });

  it.each(sets)('%s: is dead in the end, stays so, and is back with the mains', (set) => {
    const world = buildWorld(door(set), 'D01');
    const start = onBattery(world);
    if (![...start.feeds.values()].some(({ kind }) => kind === 'battery')) return;
    const days = advance(world, start, start.now + 40 * 24 * 3_600_000).state;
    expect([...days.feeds.values()].map(({ kind }) => kind)).not.toContain('battery');
    expect(charge(days)).toBeGreaterThanOrEqual(0);
    const back = stimulate(world, days, { kind: 'mains', on: true }).state;
    expect([...back.boards]).toEqual([...atRest(world).boards]);
  });
});
