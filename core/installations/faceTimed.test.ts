import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Reading room with a face terminal and a timed supply',
  brief: MAGNET_BRIEF,
  devices: [
    'supply-12v-2a-timed',
    'terminal-face',
    'magnet-lock',
    'exit-piezo',
    'break-glass-double',
    'fire-relay',
    'door-contact-surface',
  ],
  schools: { release: 'timed-supply', fire: 'supply-input' },
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['the terminal’s relay off the supply’s PUSH', (plan) => [drop(plan, 'PS1.PUSH', 'K1.COM')], 'locked-out'],
  ['the fire pair off', (plan) => [drop(plan, 'PS1.FI', 'F1.C')], 'fire-input-alarm'],
  ['the button’s supply off', (plan) => [drop(plan, 'PS1.+V', 'X1.V+')], 'sensor-without-supply'],
];

describe('Reading room with a face terminal and a timed supply', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['relock-seconds', 'lock-volts-exit', 'fire-stays'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
