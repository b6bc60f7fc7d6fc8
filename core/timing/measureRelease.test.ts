import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Edit, Plan } from '../plan/index';
import { atRest, buildWorld, type Stimulus } from '../simulate/index';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { drop, operator, set, timed, two } from '../specimens/ruleEdits';
import { measureRelease, releaseByCredential } from './index';
import { numberTried } from '../../scripts/testSlice';

const released = (plan: Plan, ...edits: Edit[]) => {
  const world = buildWorld(mustApply(plan, ...edits), 'D01');
  return releaseByCredential(world, atRest(world));
};
const by = (plan: Plan, act: Stimulus) => {
  const world = buildWorld(plan, 'D01');
  return measureRelease(world, atRest(world), act);
};

describe('how long a door stays released', () => {
  it('is what the relay that feeds the lock is set to', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), (seconds) => {
        expect(released(strikeDoor(), set('K1', 'ch1.unlock', seconds))).toEqual({
          seconds,
          device: 'D01/K1',
          setting: 'ch1.unlock',
        });
      }),
      { numRuns: numberTried(12) },
    );
  });

  it('is the dial of a timed supply or the relay that asks it, whichever is longer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 }), (dial, relay) => {
        const found = released(timed(), set('PS1', 't.exit', dial), set('K1', 'ch1.unlock', relay));
        expect(found?.seconds).toBe(Math.max(dial, relay));
        if (dial !== relay) expect(found?.device).toBe(dial > relay ? 'D01/PS1' : 'D01/K1');
      }),
      { numRuns: numberTried(20) },
    );
  });

  it('is the whole walk of a door operator: wait, opening, stay, closing', () => {
    expect(
      released(operator(), set('O1', 'op.delay', 1), set('O1', 'op.opening', 3), set('O1', 'op.stay', 7)),
    ).toEqual({ seconds: 1 + 3 + 7 + 3, device: 'D01/O1', setting: 'op.stay' });
  });

  it('is the exit time for whoever leaves', () => {
    const plan = mustApply(magnetDoor(), set('K1', 'ch1.exit', 8), set('K1', 'ch1.unlock', 6));
    expect(by(plan, { kind: 'press', device: 'D01/X1' })).toEqual({
      seconds: 8,
      device: 'D01/K1',
      setting: 'ch1.exit',
    });
  });

  it('has no end where a code toggles, and no beginning where nothing is released', () => {
    expect(
      by(two(), { kind: 'credential', valid: true, device: 'D01/K1', output: 1 }),
      'a code that holds',
    ).toBeNull();
    expect(by(strikeDoor(), { kind: 'credential', valid: false }), 'a wrong code').toBeNull();
    const broken = mustApply(strikeDoor(), drop(strikeDoor(), 'K1.NO', 'L1.+'));
    expect(by(broken, { kind: 'credential', valid: true }), 'a broken loop').toBeNull();
    const open = mustApply(magnetDoor(), drop(magnetDoor(), 'L1.-', 'EB1.2NC'));
    expect(by(open, { kind: 'credential', valid: true }), 'open already').toBeNull();
  });
});
