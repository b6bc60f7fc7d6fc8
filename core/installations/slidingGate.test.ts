import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Yard with a sliding gate and a long-range reader',
  brief: MAGNET_BRIEF,
  devices: [
    'supply-24v-5a',
    'supply-12v-1a',
    'operator-slide',
    'controller-1-dry',
    'reader-long-range',
    'exit-button',
  ],
});
/** Nobody has said whether a hand moves the gate: what stands still is not proven, and neither passed nor failed. */
const UNPROVEN = [
  'dead outside not-proven',
  'dead inside not-proven',
  'fire outside not-proven',
  'fire inside not-proven',
  'controller-hung inside not-proven',
  'controller-dead inside not-proven',
];
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['the gate drive is never asked', (plan) => [drop(plan, 'O1.OPEN', 'K1.COM1')], 'operator-unasked'],
  ['one data line off', (plan) => [drop(plan, 'R1.D1', 'K1.D1-1')], 'card-line-missing'],
  [
    'the two supplies’ 0 V apart, and the reader on the other',
    (plan) => [drop(plan, 'R1.V-', 'PS2.0V')],
    'reader-dead',
  ],
];

describe('Yard with a sliding gate and a long-range reader', () => {
  it('is wired by Aldaba alone, sound, and as far proven as the plan says', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual(UNPROVEN);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(null);
    for (const task of ['operator-opens'] as const) expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
