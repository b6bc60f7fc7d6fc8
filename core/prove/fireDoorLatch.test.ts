import { describe, expect, it } from 'vitest';
import type { Brief, Plan } from '../plan/index';
import { atRest, buildWorld, leverOpens } from '../simulate/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF } from '../specimens/doors';
import { installed } from '../specimens/installation';
import { brief, door, set } from '../specimens/ruleEdits';
import { prove, type SituationId } from './index';

const answered = (plan: Plan, answers: Partial<Brief>): Plan => mustApply(plan, brief(plan, answers));
const fireCell = (plan: Plan, id: SituationId = 'fire') => {
  const world = buildWorld(plan, 'D01');
  return prove(plan, world, atRest(world)).rows.find(({ situation }) => situation === id)!.cells.outside;
};
const fireDoor = { fireDoor: true } as const;

describe('a fire door in a fire', () => {
  it.each([
    ['a strike that stays locked', door('strike-keypad'), 'pass'],
    ['a strike that lets go of the latch', door('strike-keypad-safe'), 'fail'],
    ['a mortise lock, which keeps its latch when it is unlocked', door('mortise-bus'), 'pass'],
  ] as const)('with %s: %3$s', (_, plan, verdict) => {
    const cell = fireCell(answered(plan, fireDoor));
    expect([cell.verdict, cell.unlatched]).toEqual([verdict, verdict === 'fail']);
    // Nobody asks for a latch where it is no fire door, nor at rest.
    expect(fireCell(plan).unlatched).toBe(false);
    expect(fireCell(answered(plan, fireDoor), 'rest').unlatched).toBe(false);
  });

  it('that only a magnet holds is not proven until somebody says what latches it', () => {
    const plan = door('magnet-controller');
    const unsaid = fireCell(answered(plan, fireDoor));
    expect(unsaid.verdict).toBe('not-proven');
    expect(unsaid.missing).toContainEqual({ kind: 'brief', question: 'ownLatch' });
    expect(fireCell(answered(plan, { ...fireDoor, ownLatch: true })).verdict).toBe('pass');
    expect(fireCell(answered(plan, { ...fireDoor, ownLatch: false }))).toMatchObject({
      verdict: 'fail',
      unlatched: true,
    });
  });

  it('is latched once the screw of its strike is turned, by a latch of its own all the same', () => {
    const plan = answered(
      installed({
        name: 'x',
        brief: STRIKE_BRIEF,
        devices: ['supply-12v-5a', 'keypad-overwrite', 'strike', 'exit-button', 'flyback-diode'],
      }),
      fireDoor,
    );
    const safe = mustApply(plan, set('L1', 'mode', 'fail-safe'));
    expect(fireCell(mustApply(plan, set('L1', 'mode', 'fail-secure'))).unlatched).toBe(false);
    expect(fireCell(safe).unlatched).toBe(true);
    expect(fireCell(answered(safe, { ownLatch: true })).unlatched).toBe(false);
  });
});

describe('a lever', () => {
  const opens = (lock: string) =>
    leverOpens(
      buildWorld(
        installed({
          name: 'x',
          brief: { ...MAGNET_BRIEF, mechanicalEgress: true },
          devices: ['supply-12v-5a', 'keypad-overwrite', lock],
        }),
        'D01',
      ),
    );
  it('draws a latch, and no bolt, no armature of a shear lock and no magnet', () => {
    expect(['strike', 'mortise-lock', 'exit-bar-electric'].map(opens)).toEqual([true, true, true]);
    const others = ['electric-bolt', 'electric-bolt-secure', 'shear-lock', 'shear-lock-timed', 'magnet-lock'];
    expect(others.map(opens)).toEqual(others.map(() => false));
  });
});
