import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Wicket gate with a keypad of two outputs',
  brief: STRIKE_BRIEF,
  devices: ['supply-12v-5a', 'keypad-gate', 'gate-lock', 'exit-button', 'flyback-diode', 'chime'],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['the second output left off the lock', (plan) => [drop(plan, 'K1.COM', 'K1.COM2')], 'second-output-idle'],
  ['no wire to the common of the relay', (plan) => [drop(plan, 'PS1.+V', 'K1.COM')], 'locked-out'],
  ['the return of the chime off', (plan) => [drop(plan, 'B1.-', 'PS1.0V')], 'bell-silent'],
];

describe('Wicket gate with a keypad of two outputs', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['lock-volts-entry', 'lock-volts-exit', 'all-dead'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
