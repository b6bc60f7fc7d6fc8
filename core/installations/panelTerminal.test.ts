import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { STRIKE_BRIEF } from '../specimens/doors';
import { drop, move } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Store room with a panel terminal, serial reader and siren',
  brief: STRIKE_BRIEF,
  devices: [
    'supply-12v-5a',
    { type: 'terminal-panel-serial', place: 'inside' },
    'reader-serial',
    'strike-fail-secure',
    'door-contact-surface',
    'siren-tamper',
    'exit-button',
    'flyback-diode',
  ],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['transmit on transmit', (plan) => [move(plan, 'K1.TX', 'R1.RX', 'to', 'R1.TX')], 'locked-out'],
  ['the siren’s return off', (plan) => [drop(plan, 'B1.-', 'PS1.0V')], 'loop-broken'],
  ['the door contact off', (plan) => [drop(plan, 'K1.SEN', 'C1.a')], 'contact-unseen'],
];

describe('Store room with a panel terminal, serial reader and siren', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['forced-alarm', 'alarm-sounder-volts', 'held-seconds', 'lock-volts-entry'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
