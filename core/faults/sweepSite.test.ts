import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doorsInOrder, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { wholeOpenings } from '../specimens/wholeOpenings';
import { siteOf } from '../specimens/site';
import { numberTried } from '../../scripts/testSlice';
import { metres } from '../units/index';
import { sweepAnew, sweepSite, type FaultResult } from './index';

/** The slow twin: each door for itself, compiled, settled and proven anew for every fault. */
const anew = (plan: Plan): (FaultResult & { door: string })[] =>
  doorsInOrder(plan).flatMap(({ id }) => sweepAnew(plan, id).map((result) => ({ ...result, door: id })));

/** The sweep of a site, with an opening in every situation of each door. */
const swept = (plan: Plan) => {
  const all = [...sweepSite(plan)];
  return doorsInOrder(plan).flatMap(({ id }) =>
    wholeOpenings(
      plan,
      id,
      all.filter(({ door }) => door === id),
    ),
  );
};

/** The same site with runs of other lengths: doors built alike no longer carry the same currents. */
const stretched = (plan: Plan, by: readonly number[]): Plan =>
  Object.values(plan.conductors).reduce(
    (now, wire, index) =>
      mustApply(now, {
        kind: 'setConductor',
        id: wire.id,
        patch: { length: metres(wire.length + by[index % by.length]!) },
      }),
    plan,
  );

describe('the sweep of a site', () => {
  it('equals its slow twin at doors that are built alike, whatever their lengths', () => {
    const alike = siteOf({ doors: 3, sets: ['magnet-timed', 'strike-keypad-safe'] });
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 3, maxLength: 7 }), (by) => {
        const plan = stretched(alike, by);
        expect(swept(plan)).toEqual(anew(plan));
      }),
      { numRuns: numberTried(4) },
    );
  });
  it('equals it where alike doors differ by a setting, a wire, a device or an answer of the brief', () => {
    let plan = siteOf({ doors: 5, sets: ['magnet-timed'] });
    const wire = Object.values(plan.conductors).find(({ door }) => door === 'D002')!;
    plan = mustApply(plan, { kind: 'disconnect', id: wire.id });
    plan = mustApply(plan, { kind: 'setSetting', device: 'D003/F1', setting: 'latch', value: 'following' });
    plan = mustApply(plan, { kind: 'removeDevice', id: 'D004/EB1' });
    const brief = { ...plan.doors['D005']!.brief, mechanicalEgress: true };
    plan = mustApply(plan, { kind: 'setDoor', id: 'D005', patch: { brief } });
    expect(swept(plan)).toEqual(anew(plan));
  });
  it('equals it at copies of one door, which are swept once', () => {
    const plan = siteOf({ doors: 3, sets: ['strike-wet'] });
    expect(swept(plan)).toEqual(anew(plan));
    const first = [...sweepSite(plan)];
    const outcomes = (door: string) => first.filter((one) => one.door === door).map(({ outcomes: of }) => of);
    // One door's results are the other's, down to the object.
    expect(outcomes('D003').every((one, index) => one === outcomes('D001')[index])).toBe(true);
  });
  it('equals it where doors share a supply: they share nothing else', () => {
    const plan = siteOf({ doors: 2, perSupply: 2 });
    expect(swept(plan)).toEqual(anew(plan));
  });
  it('takes the doors that are named, and names faults as the plan does', () => {
    const plan = siteOf({ doors: 3, sets: ['strike-keypad'] });
    const results = [...sweepSite(plan, ['D003'])];
    expect(new Set(results.map(({ door }) => door))).toEqual(new Set(['D003']));
    const names = results.flatMap(({ fault: { kind: _kind, ...named } }) => Object.values(named));
    expect(names.every((name) => name.startsWith('D003/'))).toBe(true);
  });
});
