import type { Edit, Plan } from '../plan/index';
import { metres } from '../units/index';
import { magnetDoor, strikeDoor } from './doors';
import { HOUR_MISTAKES } from './hourDoors';
import { KEPT_SHUT } from './lockdownMistakes';
import { REGION_MISTAKES } from './regionMistakes';
import { spotted, type SpottedMistake } from './spotted';
import {
  add,
  bus,
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
  two,
  wet,
  wire,
} from './ruleEdits';

/** A keypad that works an interposing relay, whose pole feeds the strike. */
const relayed = (plan: Plan): Edit[] => [
  add(plan, 'relay-interposing', 'Q9'),
  move(plan, 'PS1.+V', 'K1.COM', 'to', 'Q9.1C'),
  move(plan, 'K1.NO', 'L1.+', 'from', 'Q9.1NO'),
  wire('PS1.+V', 'K1.COM', { number: 'W91' }),
  wire('K1.NO', 'Q9.A1', { number: 'W92' }),
  wire('Q9.A2', 'PS1.0V', { number: 'W93' }),
];

export const WRONG_THROWS: readonly SpottedMistake[] = [
  spotted('wrong-throw', 'stop', 'PS1.NO', 'a timed supply’s relay', timed, (plan) => [
    move(plan, 'PS1.NC', 'EB1.1C', 'from', 'PS1.NO'),
  ]),
  spotted('wrong-throw', 'stop', 'K1.NO2', 'the second output', two, (plan) => [
    move(plan, 'EB1.1C', 'K1.NC2', 'to', 'K1.NO2'),
  ]),
  spotted('wrong-throw', 'stop', 'K1.L1-NC', 'a wet output', wet, (plan) => [
    move(plan, 'L1.-', 'K1.L1-NO', 'to', 'K1.L1-NC'),
  ]),
  spotted(
    'wrong-throw',
    'stop',
    'K1.NO',
    'the wet output of a board that is fed by its network',
    poe,
    (plan) => [move(plan, 'K1.NC', 'F1.C', 'from', 'K1.NO')],
  ),
  spotted('wrong-throw', 'stop', 'O1.LNO', 'an operator’s lock contact', operator, (plan) => [
    move(plan, 'O1.LNC', 'EB1.1C', 'from', 'O1.LNO'),
  ]),
  spotted('wrong-throw', 'stop', 'Q9.1NC', 'an interposing relay', strikeDoor, (plan) => [
    ...relayed(plan).slice(0, 2),
    move(plan, 'K1.NO', 'L1.+', 'from', 'Q9.1NC'),
    ...relayed(plan).slice(3),
  ]),
  spotted('wrong-throw', 'stop', 'EB1.1NO', 'a break glass', magnetDoor, (plan) => [
    move(plan, 'EB1.1NC', 'L1.+', 'from', 'EB1.1NO'),
  ]),
  spotted('wrong-throw', 'stop', 'F1.NO', 'a fire relay', magnetDoor, (plan) => [
    move(plan, 'F1.NC', 'K1.COM1', 'from', 'F1.NO'),
  ]),
  spotted('wrong-throw', 'stop', 'K1.NO1', 'a controller’s relay at a magnet', magnetDoor, (plan) => [
    move(plan, 'K1.NC1', 'EB1.1C', 'from', 'K1.NO1'),
  ]),
  spotted('wrong-throw', 'stop', 'K1.NC', 'a keypad’s relay at a strike', strikeDoor, (plan) => [
    move(plan, 'K1.NO', 'L1.+', 'from', 'K1.NC'),
  ]),
  spotted('wrong-throw', 'stop', 'K1.NC', 'a keypad’s relay beside an intercom', dock, (plan) => [
    move(plan, 'K1.NO', 'L1.+', 'from', 'K1.NC'),
  ]),
  spotted('wrong-throw', 'stop', 'EB1.1NO', 'a pull station’s lock circuit', lobby, (plan) => [
    move(plan, 'EB1.1NC', 'L1.1+', 'from', 'EB1.1NO'),
  ]),
];

/** An alarm line's resistor moved from the pull station to the panel. */
const atThePanel = (plan: Plan): Edit[] => [
  move(plan, 'E1.1', 'EB1.2C', 'to', 'M1.L1'),
  move(plan, 'E1.2', 'EB1.2NO', 'to', 'M1.L2'),
];

export const WATCHED_LINES: readonly SpottedMistake[] = [
  spotted('eol-wrong-end', 'fix', 'E1', 'an alarm line’s resistor at the panel', lobby, atThePanel),
  spotted('eol-wrong-end', 'fix', 'E1', 'the resistor in series at the board', bus, (plan) => [
    patch(plan, 'K1.DC1', 'E1.1', { length: metres(0.2), cable: '' }),
    patch(plan, 'E1.2', 'C1.a', { length: metres(14), cable: 'L1' }),
  ]),
  spotted('eol-open', 'fix', 'E1', 'a resistor off at both ends', bus, (plan) => [
    drop(plan, 'K1.DC1', 'E1.1'),
    drop(plan, 'E1.2', 'C1.a'),
  ]),
  spotted('eol-idle', 'caution', 'E9', 'a resistor in the plan that nobody landed', bus, (plan) => [
    add(plan, 'eol-2k2', 'E9'),
  ]),
];

export const BYPASSES: readonly SpottedMistake[] = [
  spotted('switch-bypassed', 'stop', 'W02', 'a return on the board’s 0 V', wet, (plan) => [
    move(plan, 'L1.-', 'K1.L1-NO', 'to', 'K1.0V'),
  ]),
  spotted('switch-bypassed', 'stop', 'W02', 'a return on the supply’s 0 V', wet, (plan) => [
    move(plan, 'L1.-', 'K1.L1-NO', 'to', 'PS1.0V'),
  ]),
  spotted('switch-bypassed', 'stop', 'W02', 'a return on an input’s ground', wet, (plan) => [
    move(plan, 'L1.-', 'K1.L1-NO', 'to', 'K1.G1'),
  ]),
  spotted('switch-bypassed', 'stop', 'W02', 'a strike straight on plus', strikeDoor, (plan) => [
    move(plan, 'K1.NO', 'L1.+', 'from', 'PS1.+V'),
  ]),
  spotted('switch-bypassed', 'stop', 'W02', 'a strike on the relay’s common', strikeDoor, (plan) => [
    move(plan, 'K1.NO', 'L1.+', 'from', 'K1.COM'),
  ]),
  spotted(
    'switch-bypassed',
    'stop',
    'W03',
    'a magnet fed before its relay, break glass in between',
    magnetDoor,
    (plan) => [move(plan, 'K1.NC1', 'EB1.1C', 'from', 'F1.NC')],
  ),
  spotted('switch-bypassed', 'stop', 'W03', 'a magnet on the common of its relay', magnetDoor, (plan) => [
    move(plan, 'K1.NC1', 'EB1.1C', 'from', 'K1.COM1'),
  ]),
  spotted('switch-bypassed', 'stop', 'W03', 'a magnet past the relay of a timed supply', timed, (plan) => [
    move(plan, 'PS1.NC', 'EB1.1C', 'from', 'PS1.COM'),
  ]),
  spotted('switch-bypassed', 'stop', 'W04', 'the minus leg past both relays', two, (plan) => [
    move(plan, 'EB1.1C', 'K1.NC2', 'to', 'F1.NC'),
  ]),
  spotted('switch-bypassed', 'stop', 'W03', 'a strike past its operator', operator, (plan) => [
    move(plan, 'O1.LNC', 'EB1.1C', 'from', 'O1.LC'),
  ]),
  spotted('switch-bypassed', 'stop', 'W01', 'a magnet of a PoE board on its plus', poe, (plan) => [
    move(plan, 'K1.NC', 'F1.C', 'from', 'K1.+12'),
  ]),
];

export const INPUTS: readonly SpottedMistake[] = [
  spotted('exit-held', 'fix', 'PS1.PUSH', 'PUSH of a timed supply bridged', timed, () => [
    wire('PS1.PUSH', 'PS1.PC'),
  ]),
  spotted('exit-held', 'fix', 'K1.NC', 'a terminal’s NC on PUSH', timed, (plan) => [
    move(plan, 'K1.NO', 'PS1.PC', 'from', 'K1.NC'),
  ]),
  spotted('exit-held', 'fix', 'X1.NC', 'a touchless exit’s NC', magnetDoor, (plan) => [
    move(plan, 'X1.NO', 'K1.G1', 'from', 'X1.NC'),
  ]),
  spotted('exit-held', 'fix', 'Q1.1NC', 'an interposing relay’s NC on PUSH', dock, (plan) => [
    move(plan, 'Q1.1NO', 'K1.G', 'from', 'Q1.1NC'),
  ]),
  spotted('exit-held', 'fix', 'O1.ACT', 'an operator asked by a keypad’s NC', operator, (plan) => [
    move(plan, 'K1.NO', 'O1.G', 'from', 'K1.NC'),
  ]),
  spotted('wrong-input', 'fix', 'K1.EX1', 'a door contact on the exit input', magnetDoor, (plan) => [
    move(plan, 'K1.DC1', 'C1.a', 'from', 'K1.EX1'),
    move(plan, 'K1.EX1', 'X1.COM', 'from', 'K1.DC1'),
  ]),
  spotted('wrong-input', 'fix', 'K1.EX2', 'an exit on the other door’s input', magnetDoor, (plan) => [
    move(plan, 'K1.EX1', 'X1.COM', 'from', 'K1.EX2'),
  ]),
  spotted('wrong-input', 'fix', 'K1.DC2', 'a door contact on the other door’s input', magnetDoor, (plan) => [
    move(plan, 'K1.DC1', 'C1.a', 'from', 'K1.DC2'),
  ]),
  spotted('wrong-input', 'fix', 'K1.DC', 'an exit on the contact input beside the contact', poe, (plan) => [
    move(plan, 'K1.EX', 'X1.C', 'from', 'K1.DC'),
  ]),
  spotted('wrong-input', 'fix', 'K1.S', 'an exit on the status input', poe, (plan) => [
    move(plan, 'K1.EX', 'X1.C', 'from', 'K1.S'),
  ]),
  spotted('wrong-input', 'fix', 'K1.SEN', 'contact and button of a terminal changed over', timed, (plan) => [
    move(plan, 'K1.SEN', 'C1.a', 'from', 'K1.BUT'),
    wire('K1.SEN', 'X1.C', { number: 'W91' }),
    drop(plan, 'PS1.PUSH', 'X1.C'),
    move(plan, 'X1.NO', 'PS1.PC', 'to', 'K1.G'),
  ]),
];

/** Readers, cores and supplies that stand where they should not. */
export const PORTS: readonly SpottedMistake[] = [
  spotted('wrong-port', 'fix', 'K1.D0-2', 'a reader on the other door’s port', magnetDoor, (plan) => [
    move(plan, 'R1.D0', 'K1.D0-1', 'to', 'K1.D0-2'),
    move(plan, 'R1.D1', 'K1.D1-1', 'to', 'K1.D1-2'),
  ]),
  spotted('readers-swapped', 'fix', 'R2', 'the readers of both sides changed over', poe, (plan) => [
    move(plan, 'R1.D0', 'K1.D0-1', 'to', 'K1.D0-1i'),
    move(plan, 'R1.D1', 'K1.D1-1', 'to', 'K1.D1-1i'),
    move(plan, 'R2.D0', 'K1.D0-1i', 'to', 'K1.D0-1'),
    move(plan, 'R2.D1', 'K1.D1-1i', 'to', 'K1.D1-1'),
  ]),
  spotted('port-shared', 'fix', 'R2', 'two readers on one port', poe, (plan) => [
    move(plan, 'R2.D0', 'K1.D0-1i', 'to', 'K1.D0-1'),
    move(plan, 'R2.D1', 'K1.D1-1i', 'to', 'K1.D1-1'),
  ]),
  spotted('mode-cores-both', 'fix', 'W90', 'both feed cores of a mortise lock', bus, () => [
    wire('K1.NO1', 'L1.FS'),
  ]),
  spotted('supply-idle', 'caution', 'PS9', 'a supply that nothing hangs on', magnetDoor, (plan) => [
    add(plan, 'supply-12v', 'PS9'),
  ]),
  spotted('leaving-forced', 'caution', 'C1', 'a lever door with a contact and no exit sense', wet, () => [
    { kind: 'removeDevice', id: 'D01/X1' },
  ]),
  spotted('held-without-contact', 'caution', 'K1', 'a held-open time and no door contact', magnetDoor, () => [
    set('K1', 'ch1.held', 45),
    { kind: 'removeDevice', id: 'D01/C1' },
  ]),
  spotted('lock-under-voltage', 'stop', 'L1', 'a magnet jumpered for 24 V on 12 V', magnetDoor, () => [
    set('L1', 'voltage', '24'),
  ]),
  spotted('interface-too-long', 'fix', 'C1', 'a supervised pair of 700 m', bus, (plan) => [
    patch(plan, 'K1.DC1', 'E1.1', { length: metres(700) }),
  ]),
];

/** Times are those of whatever times the lock. */
export const TIMES: readonly SpottedMistake[] = [
  spotted('unlock-below-least', 'fix', 'PS1', 'two seconds on the dial of a timed supply', timed, () => [
    set('PS1', 't.exit', 2),
    set('K1', 'ch1.unlock', 1),
  ]),
  spotted('unlock-below-least', 'fix', 'O1', 'an operator that stays open for a second', operator, () => [
    set('O1', 'op.delay', 0.5),
    set('O1', 'op.opening', 1),
    set('O1', 'op.stay', 1),
  ]),
  spotted(
    'scenario-differs',
    'caution',
    'D01',
    'a kept scenario in which somebody comes long after the time is up',
    magnetDoor,
    () => [
      {
        kind: 'addScenario',
        scenario: {
          id: 'D01/S1',
          door: 'D01',
          name: 'The porter comes up the stairs',
          order: 1,
          acts: [
            { does: 'credential', at: 0, valid: true, device: null, output: 0 },
            { does: 'open', at: 9000, from: 'outside', expect: 'opens' },
          ],
          until: 20_000,
          expects: { forced: 'quiet', held: null, tamper: null, end: 'locked', wayOut: true },
          kept: null,
        },
      },
    ],
  ),
];

/** Parts that bear rest and are harmed by one press: each is found only where everything is pressed. */
export const PRESSED: readonly SpottedMistake[] = [
  spotted(
    'wrong-current',
    'stop',
    'K1.PUSH',
    'an intercom key that puts its AC on a dry input',
    dock,
    (plan) => [move(plan, 'H1.S1', 'Q1.A1', 'to', 'K1.PUSH'), move(plan, 'Q1.A2', 'H1.S2', 'from', 'K1.G')],
  ),
  spotted(
    'driven-input',
    'stop',
    'K1.PUSH',
    'a key switch that puts plus on an input',
    strikeDoor,
    (plan) => [
      add(plan, 'key-switch', 'X9'),
      wire('PS1.+V', 'X9.C', { number: 'W91' }),
      wire('X9.NO', 'K1.PUSH', { number: 'W92' }),
    ],
  ),
  spotted(
    'driven-input',
    'stop',
    'K1.PUSH',
    'a keypad’s bell contact that puts plus on an input',
    two,
    () => [wire('PS1.+V', 'K1.BELL-A', { number: 'W91' }), wire('K1.BELL-B', 'K1.PUSH', { number: 'W92' })],
  ),
  spotted('driven-input', 'stop', 'K1.PUSH', 'a bell button that puts plus on an input', gate, (plan) => [
    move(plan, 'B1.b', 'B2.+', 'to', 'K1.PUSH'),
  ]),
];

/** Wirings that are right and look unusual: nothing may be found at them. */
export const UNUSUAL: readonly {
  readonly what: string;
  readonly make: () => Plan;
  readonly edits: (plan: Plan) => Edit[];
}[] = [{ what: 'a strike on a relay of its own', make: strikeDoor, edits: relayed }];

export const SPOTTED: readonly SpottedMistake[] = [
  ...WRONG_THROWS,
  ...BYPASSES,
  ...WATCHED_LINES,
  ...INPUTS,
  ...PRESSED,
  ...TIMES,
  ...KEPT_SHUT,
  ...HOUR_MISTAKES,
  ...REGION_MISTAKES,
];
