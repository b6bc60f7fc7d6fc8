import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Cold store with a motor lock on a switched minus',
  brief: STRIKE_BRIEF,
  devices: ['supply-12v-5a', 'controller-1-minus', 'reader-wiegand', 'mortise-interface', 'door-contact'],
  deadState: { state: 'fail-secure', overrideReason: null, by: 'Haru' },
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['the lock fed at no mode terminal', (plan) => [drop(plan, 'K1.L+', 'L1.FSE')], 'not-proven'],
  ['the lock’s minus off', (plan) => [drop(plan, 'L1.-', 'K1.L-NO')], 'loop-broken'],
  ['nobody hears the lever', (plan) => [drop(plan, 'K1.EX', 'L1.L1')], 'leaving-forced'],
];

describe('Cold store with a motor lock on a switched minus', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['forced-alarm', 'held-seconds', 'lever-dead'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
