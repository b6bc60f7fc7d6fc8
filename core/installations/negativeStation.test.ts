import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { STRIKE_BRIEF } from '../specimens/doors';
import { drop, move } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Town house with a door station that switches the minus',
  brief: STRIKE_BRIEF,
  devices: [
    'supply-12v-5a',
    'door-station-minus',
    'strike-fail-secure',
    'exit-button',
    'door-contact',
    'flyback-diode',
  ],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  [
    'the strike on the supply’s own ground',
    (plan) => [move(plan, 'L1.-', 'DS1.LK-NO', 'to', 'PS1.0V')],
    'switch-bypassed',
  ],
  ['the station’s minus off', (plan) => [drop(plan, 'DS1.V-', 'PS1.0V')], 'loop-broken'],
  ['the door contact off', (plan) => [drop(plan, 'DS1.DOOR', 'C1.a')], 'contact-unseen'],
];

describe('Town house with a door station that switches the minus', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['forced-alarm', 'held-seconds', 'door-contact'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
