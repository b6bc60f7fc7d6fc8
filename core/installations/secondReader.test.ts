import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Staff door with a reader on the keypad’s port',
  brief: MAGNET_BRIEF,
  devices: [
    'supply-12v-5a',
    'keypad-port',
    { type: 'reader-mullion', place: 'inside' },
    'magnet-lock-weather',
    'exit-piezo',
    'break-glass-double',
    'fire-relay',
  ],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['one data line of the second reader off', (plan) => [drop(plan, 'R1.D0', 'K1.D0')], 'card-line-missing'],
  ['the second reader without its 0 V', (plan) => [drop(plan, 'R1.V-', 'PS1.0V')], 'reader-dead'],
  ['the piezo button without a supply', (plan) => [drop(plan, 'PS1.+V', 'X1.V+')], 'sensor-without-supply'],
];

describe('Staff door with a reader on the keypad’s port', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['lock-volts-entry', 'lock-volts-break', 'reset-fire'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
