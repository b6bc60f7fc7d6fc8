import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkContext, runRules } from '../checks/index';
import { faultsOf, sweep, sweepAnew } from '../faults/index';
import { eventsOf } from '../orders/index';
import { letsIn, tallyOf, waysOut } from '../prove/index';
import { conductorsOf, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { door } from '../specimens/ruleEdits';
import { twoLeaves } from '../specimens/twoLeaves';
import { wholeOpenings } from '../specimens/wholeOpenings';
import { atRest, buildWorld, doorHold, lockStatuses, stimulate, type LockStatus } from './index';

const plan = twoLeaves();
const world = buildWorld(plan, 'D01');
const rest = atRest(world);
const codes = (of: Plan) => runRules(checkContext(of, 'D01')).map(({ code }) => code);
/** The wire on the plus of the second leaf’s magnet off: that leaf alone is let go. */
const secondFree = (): Plan => {
  const wire = conductorsOf(plan, 'D01').find(({ from, to }) => [from, to].some((end) => end === 'D01/L2.+'));
  if (!wire) throw new Error('no wire on L2.+');
  return mustApply(plan, { kind: 'disconnect', id: wire.id });
};

describe('a door with two leaves, each with its magnet', () => {
  it('is wired by Aldaba and sound: shut at rest, in by card, out by exit and glass', () => {
    expect(lockStatuses(world, rest.point).map(({ leaf, hold }) => [leaf, hold])).toEqual([
      [1, 'held'],
      [2, 'held'],
    ]);
    expect(letsIn(world, rest)).toBe(true);
    expect(waysOut(world, rest).works.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['exit', 'break-glass']),
    );
    expect(tallyOf(checkContext(plan, 'D01').proof.rows).fail).toBe(0);
    expect(codes(plan)).not.toContain('leaf-unwatched');
  });
  it('is open as soon as one of them is: the other’s lock keeps nobody out', () => {
    const half = buildWorld(secondFree(), 'D01');
    const now = atRest(half);
    expect(lockStatuses(half, now.point).map(({ hold }) => hold)).toEqual(['held', 'free']);
    expect(doorHold(lockStatuses(half, now.point))).toBe('free');
    const row = checkContext(secondFree(), 'D01').proof.rows.find(({ situation }) => situation === 'rest');
    expect(row?.cells.outside.verdict).toBe('fail');
    // Whoever pushes goes through the leaf that gives way, and its contact tells of it.
    const pushed = stimulate(half, now, { kind: 'openDoor', from: 'outside' }).state;
    expect([pushed.doorOpen, pushed.alarms.has('forced')]).toEqual([true, true]);
    expect([...pushed.states]).toContain('D01/C2:doorOpen');
    expect([...pushed.states]).not.toContain('D01/C1:doorOpen');
  });
  it('is as free as its freest leaf, whatever its locks do', () => {
    const lock = fc.record({
      leaf: fc.constantFrom(1 as const, 2 as const),
      hold: fc.constantFrom('held' as const, 'weak' as const, 'free' as const),
    });
    fc.assert(
      fc.property(fc.array(lock, { minLength: 1, maxLength: 5 }), (some) => {
        const locks = some as unknown as LockStatus[];
        const holdOf = (leaf: 1 | 2) => {
          const its = some.filter((one) => one.leaf === leaf).map(({ hold }) => hold);
          if (its.length === 0) return null;
          return its.includes('held') ? 'held' : its.includes('weak') ? 'weak' : 'free';
        };
        const both = [holdOf(1), holdOf(2)].filter((one) => one !== null);
        const freest = (['free', 'weak', 'held'] as const).find((one) => both.includes(one));
        expect(doorHold(locks)).toBe(freest);
      }),
    );
  });
  it('tears open at either leaf, each told of by its own contact; without one it is a finding', () => {
    for (const leaf of [1, 2] as const)
      expect(
        stimulate(world, rest, { kind: 'openDoor', from: 'force', leaf }).state.alarms.has('forced'),
      ).toBe(true);
    const blind = twoLeaves('magnet-lock');
    expect(codes(blind)).toContain('leaf-unwatched');
    expect(eventsOf(world).map(({ id }) => id)).toContain('open:force:2');
    expect(eventsOf(buildWorld(door('magnet-controller'), 'D01')).map(({ id }) => id)).not.toContain(
      'open:force:2',
    );
  });
  it('whose every lock stands at the second is not proven shut', () => {
    const moved = mustApply(door('magnet-controller'), {
      kind: 'setDevice',
      id: 'D01/L1',
      patch: { leaf: 2 },
    });
    expect(codes(moved)).toContain('leaf-without-lock');
    const row = checkContext(moved, 'D01').proof.rows.find(({ situation }) => situation === 'rest');
    expect(row?.cells.outside.verdict).toBe('not-proven');
  });
  it('is swept as its slow twin is', () => {
    const results = [...sweep(world, rest, faultsOf(world, 'door'))];
    expect(wholeOpenings(plan, 'D01', results)).toEqual(
      wholeOpenings(plan, 'D01', sweepAnew(plan, 'D01', 'door')),
    );
  });
});
