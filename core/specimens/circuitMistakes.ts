import type { FindingCode, Severity } from '../checks/index';
import type { Edit, Plan } from '../plan/index';
import { magnetDoor, strikeDoor } from './doors';
import { add, dock, drop, lobby, move, operator, poe, timed, two, wet, wire } from './ruleEdits';

/** A mistake that only the circuit gives away: what must be found, how bad, and on which thing. */
export interface SpottedMistake {
  readonly code: FindingCode;
  readonly severity: Severity;
  /** Id of a wire, terminal or device that the finding must be about, without its door; `W02`, `K1.NO`, `L1`. */
  readonly at: string;
  readonly what: string;
  readonly make: () => Plan;
  readonly edits: (plan: Plan) => Edit[];
}

const spotted = (
  code: FindingCode,
  severity: Severity,
  at: string,
  what: string,
  make: () => Plan,
  edits: (plan: Plan) => Edit[],
): SpottedMistake => ({ code, severity, at, what, make, edits });

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
  spotted('wrong-throw', 'stop', 'K1.NO', 'the wet output of a board that is fed by its network', poe, (plan) => [
    move(plan, 'K1.NC', 'F1.C', 'from', 'K1.NO'),
  ]),
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
  spotted('switch-bypassed', 'stop', 'W03', 'a magnet fed before its relay, break glass in between', magnetDoor, (plan) => [
    move(plan, 'K1.NC1', 'EB1.1C', 'from', 'F1.NC'),
  ]),
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

/** Wirings that are right and look unusual: nothing may be found at them. */
export const UNUSUAL: readonly { readonly what: string; readonly make: () => Plan; readonly edits: (plan: Plan) => Edit[] }[] = [
  { what: 'a strike on a relay of its own', make: strikeDoor, edits: relayed },
];

export const SPOTTED: readonly SpottedMistake[] = [...WRONG_THROWS, ...BYPASSES];
void drop;
