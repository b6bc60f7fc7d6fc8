import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Flat with a boxed kit and a bell',
  brief: STRIKE_BRIEF,
  devices: ['supply-12v-1a', 'keypad-kit', 'strike-fail-secure', 'exit-button', 'chime', 'flyback-diode'],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['the bell’s return off', (plan) => [drop(plan, 'B1.-', 'PS1.0V')], 'bell-silent'],
  ['the button on no common', (plan) => [drop(plan, 'X1.NO', 'K1.G')], 'loop-broken'],
  ['the diode taken out', (plan) => [drop(plan, 'D1.K', 'L1.+')], 'no-suppression'],
];

describe('Flat with a boxed kit and a bell', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['lock-volts-exit', 'relock-seconds', 'wrong-credential'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
