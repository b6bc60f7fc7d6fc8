import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { drop, move, set } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Archive floor: four doors on one board that drops them in a fire',
  brief: MAGNET_BRIEF,
  devices: [
    'supply-12v-5a',
    'controller-4-fire-wet',
    'reader-wiegand',
    'magnet-lock',
    'exit-button',
    'break-glass-double',
    'fire-relay',
    'door-contact-eol',
  ],
  schools: { fire: 'supply-input' },
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['the fire contact off the board', (plan) => [drop(plan, 'K1.FI', 'F1.C')], 'fire-input-alarm'],
  ['the board told to wait for a closure', () => [set('K1', 'trigger', 'NO')], 'fire-input-alarm'],
  [
    'the lock on a supply of its own, past the board',
    (plan) => [move(plan, 'K1.NC1', 'EB1.1C', 'from', 'PS1.+V')],
    'held-in-fire',
  ],
];

describe('Archive floor: four doors on one board that drops them in a fire', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['lock-volts-fire', 'fire-stays', 'reset-fire', 'lock-volts-break'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
