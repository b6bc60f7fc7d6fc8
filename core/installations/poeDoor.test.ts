import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Office door fed over the network, with everything',
  brief: MAGNET_BRIEF,
  devices: [
    'controller-1-poe',
    'reader-wiegand',
    { type: 'reader-mullion', place: 'inside' },
    'magnet-lock-small',
    'exit-touchless',
    'break-glass-double',
    'fire-relay',
    'door-contact',
  ],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['the fire relay past the lock’s loop', (plan) => [drop(plan, 'F1.NC', 'EB1.1C')], 'loop-broken'],
  ['the inner reader’s line off', (plan) => [drop(plan, 'R2.D0', 'K1.D0-1i')], 'card-line-missing'],
  ['the touchless exit without a supply', (plan) => [drop(plan, 'K1.+12', 'X1.V+')], 'sensor-without-supply'],
];

describe('Office door fed over the network, with everything', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(5);
    for (const task of ['lock-volts-entry', 'forced-alarm', 'held-seconds', 'lock-volts-fire'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
