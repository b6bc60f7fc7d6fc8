import { describe, expect, it } from 'vitest';
import type { FindingCode } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { drop, move } from '../specimens/ruleEdits';
import { tried } from './tried';

const door = tried({
  name: 'Entrance with a door operator and a strike',
  brief: MAGNET_BRIEF,
  devices: [
    'supply-24v-5a',
    'supply-12v-1a',
    'operator-swing-fused',
    'keypad-slots',
    'exit-button',
    { type: 'strike', settings: { mode: 'fail-safe', voltage: '24' } },
    'break-glass-double',
    'fire-relay',
    'flyback-diode',
  ],
});
const MISTAKES: readonly (readonly [string, (plan: Plan) => Edit[], FindingCode])[] = [
  ['nothing asks the operator', (plan) => [drop(plan, 'O1.ACT', 'K1.COM')], 'operator-unasked'],
  [
    'the strike on the supply, past the operator',
    (plan) => [move(plan, 'O1.LNC', 'F1.C', 'from', 'PS1.+V')],
    'locked-out',
  ],
  ['the second leg past the break glass', (plan) => [drop(plan, 'EB1.2C', 'O1.V-')], 'loop-broken'],
];

describe('Entrance with a door operator and a strike', () => {
  it('is wired by Aldaba alone, sound and proven', () => {
    expect(door.byHand).toBe(0);
    expect(door.wrong).toEqual([]);
    expect(door.unproven).toEqual([]);
  });
  it('is timed, and its check sheet tries what it has', () => {
    expect(door.seconds).toBe(15);
    for (const task of ['lock-volts-exit', 'lock-volts-fire', 'lock-volts-break'] as const)
      expect(door.tasks).toContain(task);
  });
  it.each(MISTAKES)('finds: %s', (_, edits, code) => expect(door.mistake(edits)).toContain(code));
});
