import { terminalOf } from '../core/specimens/terminalOf';
import type { FindingCode } from '#core/checks/index';
import type { Edit, Plan } from '#core/plan/index';
import { metres, mm2 } from '#core/units/index';

/** A deliberate, realistic mistake at a demo door, and what it must be found as. */
export interface DemoMistake {
  readonly door: string;
  readonly what: string;
  readonly edits: (plan: Plan) => readonly Edit[];
  /** Findings to be put right that it causes, worst first. */
  readonly found: readonly FindingCode[];
}

export const wireBetween = (plan: Plan, one: string, two: string): string => {
  const wire = Object.values(plan.conductors).find(
    ({ from, to }) => (from === one && to === two) || (from === two && to === one),
  );
  if (!wire) throw new Error(`demo data: no wire ${one} – ${two}`);
  return wire.id;
};

export const MISTAKES: readonly DemoMistake[] = [
  {
    door: 'D03',
    what: 'The fire relay follows the panel instead of latching.',
    edits: () => [{ kind: 'setSetting', device: 'D03/F1', setting: 'latch', value: 'following' }],
    found: ['fire-not-latched'],
  },
  {
    door: 'D06',
    what: 'The strike landed on NC: it is released at rest and locks on a code.',
    edits: (plan) => [
      {
        kind: 'setConductor',
        id: wireBetween(plan, 'D06/K1.NO', 'D06/L1.+'),
        patch: { from: terminalOf('D06/K1.NC') },
      },
    ],
    found: ['wrong-throw', 'locked-out', 'not-kept-out'],
  },
  {
    door: 'D07',
    what: 'The link that feeds the relay’s common was forgotten.',
    edits: (plan) => [{ kind: 'disconnect', id: wireBetween(plan, 'D07/F1.NC', 'D07/K1.COM1') }],
    found: ['link-missing', 'not-kept-out'],
  },
  {
    door: 'D07',
    what: 'The lock cable is long and thin; it shows behind the missing link.',
    edits: (plan) => [
      {
        kind: 'setConductor',
        id: wireBetween(plan, 'D07/EB1.1NC', 'D07/L1.+'),
        patch: { gauge: mm2(0.22), length: metres(42) },
      },
    ],
    found: ['lock-under-voltage'],
  },
  {
    door: 'D09',
    what: 'The two spare legs of the pull station were twisted together.',
    edits: () => [
      {
        kind: 'connect',
        conductor: {
          id: 'D09/W80',
          door: 'D09',
          number: 'W80',
          from: terminalOf('D09/EB1.1NO'),
          to: terminalOf('D09/EB1.2NC'),
          colour: 'GY',
          gauge: mm2(0.5),
          length: metres(0.1),
          cable: '',
          origin: 'hand',
          assumed: [],
        },
      },
    ],
    found: ['spare-legs-tied'],
  },
  {
    door: 'D10',
    what: 'The break glass never came; its legs were joined, and a hung controller traps the corridor.',
    edits: () => [
      { kind: 'removeDevice', id: 'D10/EB1' },
      ...(
        [
          ['F1.NC', 'L1.+'],
          ['L1.-', 'K1.0V'],
        ] as const
      ).map(([from, to], index): Edit => ({
        kind: 'connect',
        conductor: {
          id: `D10/W8${index}`,
          door: 'D10',
          number: `W8${index}`,
          from: terminalOf(`D10/${from}`),
          to: terminalOf(`D10/${to}`),
          colour: index === 0 ? 'RD' : 'BK',
          gauge: mm2(0.75),
          length: metres(11),
          cable: '',
          origin: 'hand',
          assumed: [],
        },
      })),
    ],
    found: ['locked-in', 'no-break-glass'],
  },
  {
    door: 'D11',
    what: 'The strike’s return went to the board’s 0 V instead of the output’s own negative.',
    edits: (plan) => [
      {
        kind: 'setConductor',
        id: wireBetween(plan, 'D11/L1.-', 'D11/K1.L1-NO'),
        patch: { to: terminalOf('D11/K1.0V') },
      },
    ],
    found: ['switch-bypassed', 'not-kept-out', 'fire-door-unlatched'],
  },
  {
    door: 'D12',
    what: 'The last reader’s terminator is off.',
    edits: () => [{ kind: 'setSetting', device: 'D12/R2', setting: 'terminator', value: 'off' }],
    found: ['bus-unterminated'],
  },
  {
    door: 'D12',
    what: 'Both readers are on address 1.',
    edits: () => [{ kind: 'setSetting', device: 'D12/R2', setting: 'address', value: 1 }],
    found: ['address-clash', 'locked-out'],
  },
  {
    door: 'D13',
    what: 'The motion sensor was wired like a plain button, without its supply.',
    edits: (plan) => [
      { kind: 'disconnect', id: wireBetween(plan, 'D13/PS1.+V', 'D13/X2.V+') },
      { kind: 'disconnect', id: wireBetween(plan, 'D13/X2.V-', 'D13/PS1.0V') },
    ],
    found: ['not-released', 'sensor-without-supply'],
  },
];
