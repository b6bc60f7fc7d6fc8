import { terminalOf } from './terminalOf';
import { newDevice } from '../brief/index';
import { type TerminalId, conductorsOf, type Edit } from '../plan/index';
import { metres, mm2 } from '../units/index';
import { magnetDoor, strikeDoor } from './doors';
import {
  add,
  bus,
  cable,
  dock,
  drop,
  gate,
  lobby,
  move,
  operator,
  patch,
  poe,
  set,
  timed,
  wet,
  wire,
  type Row,
} from './ruleEdits';

/** Mistakes with wires, terminals, inputs and cables, each with the rule that names it. */
export const WIRE_MISTAKES: readonly Row[] = [
  ['short-circuit', 'plus and minus of the supply joined', magnetDoor, () => [wire('PS1.+V', 'PS1.0V')]],
  ['sources-joined', 'the 24 V and the 12 V supply joined', operator, () => [wire('PS1.+V', 'PS2.+V')]],
  [
    'link-superfluous',
    'a link to a common that the board already feeds',
    poe,
    (plan) => [add(plan, 'supply-12v'), wire('PS1.+V', 'K1.COM'), wire('PS1.0V', 'K1.0V', { number: 'W91' })],
  ],
  [
    'switch-bypassed',
    'the lock returned to the board’s 0 V',
    wet,
    (plan) => [move(plan, 'L1.-', 'K1.L1-NO', 'to', 'K1.0V')],
  ],
  ['part-bridged', 'plus and minus of the strike joined at the lock', wet, () => [wire('L1.+', 'L1.-')]],
  [
    'wrong-current',
    'a DC board on the bell transformer',
    dock,
    (plan) => [
      move(plan, 'PS1.+V', 'K1.+12', 'from', 'PS2.AC1'),
      move(plan, 'K1.0V', 'PS1.0V', 'to', 'PS2.AC2'),
    ],
  ],
  [
    'driven-output',
    'supply voltage on a speaker output',
    gate,
    (plan) => [
      add(plan, 'speaker-output', 'B9'),
      wire('PS1.+V', 'B9.SP+'),
      wire('B9.SP-', 'PS1.0V', { number: 'W91' }),
    ],
  ],
  [
    'size-outside-terminal',
    'a 4 mm² wire in a board terminal',
    magnetDoor,
    (plan) => [patch(plan, 'F1.NC', 'K1.COM1', { gauge: mm2(4) })],
  ],
  ['wire-twice', 'the same wire laid a second time', magnetDoor, () => [wire('F1.NC', 'K1.COM1')]],
  ['spare-legs-tied', 'the two spare legs of a pull station tied', lobby, () => [wire('EB1.1NO', 'EB1.2NC')]],
  [
    'circuits-crossed',
    'the alarm circuit joined to the lock circuit',
    lobby,
    () => [wire('EB1.1C', 'EB1.2C')],
  ],
  [
    'connector-reversed',
    'the terminal’s plug turned round',
    timed,
    (plan) => {
      const pins = ['+12', '0V', 'NC', 'COM', 'NO', 'SEN', 'G', 'BUT'];
      const mirror = (end: TerminalId) => {
        const index = pins.findIndex((pin) => end === `D01/K1.${pin}`);
        return index < 0 ? end : terminalOf(`D01/K1.${pins[pins.length - 1 - index]}`);
      };
      return conductorsOf(plan, 'D01').map((one): Edit => ({
        kind: 'setConductor',
        id: one.id,
        patch: { from: mirror(one.from), to: mirror(one.to) },
      }));
    },
  ],
  ['pigtails-loose', 'leads of a reader left over', magnetDoor, () => []],
  [
    'diode-reversed',
    'the diode’s stripe on minus',
    strikeDoor,
    (plan) => [move(plan, 'D1.K', 'L1.+', 'to', 'L1.-'), move(plan, 'D1.A', 'L1.-', 'to', 'L1.+')],
  ],
  [
    'varistor-below-supply',
    'a 12 V varistor on a 24 V strike',
    operator,
    (plan) => [
      { kind: 'removeDevice', id: 'D01/V1' },
      add(plan, 'varistor-18v', 'V9'),
      wire('V9.1', 'L1.+'),
      wire('V9.2', 'L1.-', { number: 'W91' }),
    ],
  ],
  [
    'suppression-too-high',
    'a varistor that clamps far above the coil',
    gate,
    (plan) => [
      { kind: 'removeDevice', id: 'D01/D1' },
      {
        kind: 'addType',
        type: {
          id: 'mains-varistor@1',
          version: 1,
          family: 'suppression',
          name: 'Varistor, mains',
          short: 'varistor',
          description: '',
          tagPrefix: 'V',
          place: 'frame',
          terminals: ['1', '2'].map((pin) => ({ id: pin, maxConductors: 2, use: 'needed' as const })),
          parts: [{ kind: 'varistor', id: 'body', a: '1', b: '2', clampVolts: 390, ohms: 5 }],
          settings: [],
          functions: [],
          roles: {},
          ip: 'IP20',
          symbol: 'varistor',
        },
      },
      { kind: 'addDevice', device: { ...newDevice(plan, 'D01', 'varistor-18v'), type: 'mains-varistor@1' } },
      wire('V1.1', 'L1.+'),
      wire('V1.2', 'L1.-', { number: 'W91' }),
    ],
  ],
  ['suppression-idle', 'a diode that lost its lead', strikeDoor, (plan) => [drop(plan, 'D1.A', 'L1.-')]],
  [
    'eol-missing',
    'a supervised contact without its resistor',
    bus,
    (plan) => [
      move(plan, 'K1.DC1', 'E1.1', 'to', 'C1.a'),
      { kind: 'removeDevice', id: 'D01/E1' },
      { kind: 'removeDevice', id: 'D01/E2' },
    ],
  ],
  ['eol-open', 'a wire of a supervised pair off', bus, (plan) => [drop(plan, 'K1.DC1', 'E1.1')]],
  [
    'eol-wrong-value',
    'a 10 kΩ resistor in a 2.2 kΩ line',
    bus,
    () => [{ kind: 'setDevice', id: 'D01/E1', patch: { type: 'eol-10k' } }],
  ],
  [
    'eol-on-plain-input',
    'resistors on an input set for a plain contact',
    bus,
    () => [set('K1', 'ch1.eol', 'none')],
  ],
  [
    'eol-around-part',
    'the resistor across one contact of two',
    bus,
    (plan) => [move(plan, 'E2.2', 'L1.COM', 'to', 'C1.b')],
  ],
  ['eol-idle', 'a resistor in the plan that nobody landed', bus, (plan) => [add(plan, 'eol-2k2', 'E9')]],
  [
    'eol-wrong-end',
    'the resistor in series at the board',
    bus,
    (plan) => [
      patch(plan, 'K1.DC1', 'E1.1', { length: metres(0.2), cable: '' }),
      patch(plan, 'E1.2', 'C1.a', { length: metres(14), cable: 'L1' }),
    ],
  ],
  [
    'exit-held',
    'a normally closed button on an input for a normally open one',
    magnetDoor,
    (plan) => [move(plan, 'X1.NO', 'K1.G1', 'from', 'X1.NC')],
  ],
  [
    'lever-unheard',
    'a lever contact on the wrong input',
    wet,
    (plan) => [move(plan, 'K1.EX1', 'X1.a', 'from', 'K1.EX2')],
  ],
  ['lever-unlocks', 'a lever contact that also unlocks', wet, () => [set('K1', 'ch1.rex', 'unlocks')]],
  [
    'status-unused',
    'a bond contact that is not wired',
    poe,
    (plan) => [drop(plan, 'K1.S', 'L1.COM'), drop(plan, 'L1.NO', 'K1.G')],
  ],
  [
    'status-unread',
    'a bond contact that closes no input',
    poe,
    (plan) => [{ kind: 'removeDevice', id: 'D01/C1' }, move(plan, 'K1.S', 'L1.COM', 'from', 'K1.NO')],
  ],
  ['pull-unheard', 'the alarm wire of a pull station off', lobby, (plan) => [drop(plan, 'EB1.2NO', 'M1.L2')]],
  [
    'fire-through-controller',
    'the fire contact on an exit input',
    magnetDoor,
    (plan) => [
      move(plan, 'PS1.+V', 'F1.C', 'to', 'K1.COM1'),
      move(plan, 'F1.NC', 'K1.COM1', 'to', 'K1.EX1'),
      wire('F1.C', 'K1.G1'),
    ],
  ],
  ['cable-overfull', 'more wires than cores', magnetDoor, (plan) => [cable(plan, 'X1', { make: '2x0.5' })]],
  [
    'cable-size-differs',
    'a thin wire in a thick cable',
    magnetDoor,
    (plan) => [patch(plan, 'PS1.+V', 'X1.V+', { gauge: mm2(0.34) })],
  ],
  [
    'screen-missing',
    'reader data in a plain cable',
    magnetDoor,
    (plan) => [cable(plan, 'R1', { make: '4x0.5', screen: 'none' })],
  ],
  [
    'screen-both-ends',
    'a screen earthed at both ends',
    magnetDoor,
    (plan) => [cable(plan, 'R1', { screen: 'both' })],
  ],
  [
    'screen-unearthed',
    'a screen that is not earthed',
    magnetDoor,
    (plan) => [cable(plan, 'R1', { screen: 'none' })],
  ],
  [
    'interface-too-long',
    'a Wiegand reader at 180 m',
    magnetDoor,
    (plan) => [patch(plan, 'R1.D0', 'K1.D0-1', { length: metres(180) })],
  ],
];
