import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Workshop on a panel with readers on a bus',
  brief: STRIKE_BRIEF,
  devices: [
    'supply-12v-5a',
    'panel-4-bus',
    'reader-rs485-phone',
    'mortise-lock-lever',
    'door-contact',
    'sounder-piezo',
  ],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['A of the bus off', (plan) => [drop(plan, 'K1.A', 'R1.A')], 'card-line-missing'],
  ['nobody hears the lever', (plan) => [drop(plan, 'K1.EX1', 'L1.L1')], 'leaving-forced'],
  ['no link to the relay’s common', (plan) => [drop(plan, 'PS1.+V', 'K1.COM1')], 'link-missing'],
];

describe('Workshop on a panel with readers on a bus', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['forced-alarm', 'alarm-sounder-volts', 'held-seconds', 'lever-dead'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
