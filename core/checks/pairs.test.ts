import { describe, expect, it } from 'vitest';
import type { Edit } from '../plan/index';
import { magnetDoor, mustApply, wireBetween } from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { checkContext, runChecks, type FindingCode } from './index';

const plan = magnetDoor();
const wire = (one: string, two: string) => wireBetween(plan, one, two);
const patch = (one: string, two: string, change: object): Edit => ({
  kind: 'setConductor',
  id: wire(one, two),
  patch: change,
});

/** Mistakes an installer makes at a magnet door, each with the finding that names it. */
const MISTAKES: readonly (readonly [FindingCode, string, readonly Edit[]])[] = [
  ['link-missing', 'the link forgotten', [{ kind: 'disconnect', id: wire('F1.NC', 'K1.COM1') }]],
  [
    'lock-under-voltage',
    'a thin lock cable',
    [patch('EB1.1NC', 'L1.+', { gauge: mm2(0.22), length: metres(60) })],
  ],
  [
    'fire-not-latched',
    'a fire relay that follows',
    [{ kind: 'setSetting', device: 'D01/F1', setting: 'latch', value: 'following' }],
  ],
  [
    'card-lines-swapped',
    'the data wires crossed',
    [patch('R1.D0', 'K1.D0-1', { to: 'D01/K1.D1-1' }), patch('R1.D1', 'K1.D1-1', { to: 'D01/K1.D0-1' })],
  ],
  [
    'sensor-without-supply',
    'a touchless exit without supply',
    [
      { kind: 'disconnect', id: wire('PS1.+V', 'X1.V+') },
      { kind: 'disconnect', id: wire('X1.V-', 'PS1.0V') },
    ],
  ],
  [
    'unlock-below-least',
    'an unlock time of two seconds',
    [{ kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 2 }],
  ],
  [
    'battery-short',
    'two days asked of a small battery',
    [{ kind: 'setSetting', device: 'D01/PS1', setting: 'hours', value: 48 }],
  ],
  ['interface-too-long', 'a reader too far away', [patch('R1.D0', 'K1.D0-1', { length: metres(200) })]],
  ['size-outside-terminal', 'a wire too thick', [patch('K1.0V', 'PS1.0V', { gauge: mm2(6) })]],
];

const pairs = MISTAKES.flatMap((one, index) => MISTAKES.slice(index + 1).map((two) => [one, two] as const));

describe('two mistakes together', () => {
  it.each(pairs.map(([one, two]) => [one[1], two[1], one, two] as const))(
    '%s and %s: both are found',
    (_one, _two, one, two) => {
      const codes = runChecks(checkContext(mustApply(plan, ...one[2], ...two[2]), 'D01')).map(
        ({ code }) => code,
      );
      expect(codes).toEqual(expect.arrayContaining([one[0], two[0]]));
    },
  );
});
