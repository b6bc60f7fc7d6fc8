import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { drop, move, set } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Laboratory with alarm output, tamper loop and fire input',
  brief: MAGNET_BRIEF,
  devices: [
    'supply-12v-5a',
    { type: 'controller-1-full', settings: { 'alarm.follows': 'forced' } },
    'reader-wiegand',
    { type: 'reader-finger-wiegand', place: 'inside' },
    'magnet-lock',
    'exit-button',
    'break-glass-double',
    'fire-relay',
    'door-contact-eol',
    'siren',
  ],
  schools: { fire: 'supply-input' },
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  [
    'the fire contact on the other throw',
    (plan) => [move(plan, 'F1.NC', 'K1.FC', 'from', 'F1.NO')],
    'fire-input-alarm',
  ],
  [
    'the contact’s resistors on an input set for none',
    () => [set('K1', 'ch1.eol', 'none')],
    'eol-on-plain-input',
  ],
  ['no wire to the relay’s common', (plan) => [drop(plan, 'PS1.+V', 'K1.COM')], 'link-missing'],
];

describe('Laboratory with alarm output, tamper loop and fire input', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['alarm-sounder-volts', 'forced-alarm', 'lock-volts-entry', 'fire-stays'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
