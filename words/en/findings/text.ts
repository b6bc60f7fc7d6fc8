import {
  formatAmps,
  formatGauge,
  formatOhms,
  formatVolts,
  mm2,
  nearestAwg,
  type Gauge,
} from '#core/units/index';
import { situationName } from '../situationNames';
import { spoken, texts } from '../../messages';

/** Words of a finding: a title of one line, a reason with numbers, and what its one-click fix is called. */
export interface Words {
  title(v: Values): string;
  reason(v: Values): string;
  remedy?(v: Values): string;
}
export type Values = Readonly<Record<string, string | number>>;

export const num = (v: Values, key: string): number => Number(v[key]);
/** A figure with so many decimals; a value that is left open, as in a list of rules, stays as it is written. */
export const figure = spoken((v: Values, key: string, digits: number): string =>
  Number.isFinite(num(v, key)) ? num(v, key).toFixed(digits) : String(v[key]),
);
export const volts = spoken((v: Values, key: string) => formatVolts(num(v, key)));
export const amps = spoken((v: Values, key: string) => formatAmps(num(v, key)));
export const list = spoken((text: unknown) => String(text).split(',').filter(Boolean));
export const situations = spoken((v: Values) => list(v['situations']).map(situationName).join('; '));
const LOOP_NAMES: Record<string, string> = {
  'lock-power': 'lock power',
  exit: 'request to exit',
  feed: 'device power',
  contact: 'door contact',
  line: 'end of line',
  signal: 'signal',
  data: 'reader data',
  bus: 'reader bus',
  audio: 'speech',
  coil: 'relay coil',
  across: 'suppression',
  other: 'wires of no loop',
};
export const loopName = spoken((kind: string): string => LOOP_NAMES[kind] ?? kind);

export const REASONS: Record<string, string> = texts({
  'weak-lock': 'a lock gets a voltage at which it neither locks nor releases',
  'no-battery': 'no battery is planned',
  'leaf-without-lock': 'every lock is on the second leaf, and nothing secures the first',
  restless: 'the circuit never comes to rest',
  'no-entry': 'nothing at this door takes a card or a code',
  // What the brief does not say.
  keyOverride: 'the brief does not say whether a key opens it from outside without power',
  ownLatch: 'the brief does not say whether a latch of its own holds it in a fire',
  bothLeaves: 'the brief does not say whether both leaves must open for everybody to get out',
  delayedEgress: 'the brief does not say whether the exit may be delayed here, and for how long',
  'asked-less': 'less of a way through is asked for than the brief calls for, and that is not there',
  'leaf-by-hand': 'an operator alone moves the leaf, and the plan does not say whether a hand can',
});

/** A size of wire as it is written, by the finding's own `gauge`. */
export const size = spoken((v: Values) => formatGauge(String(v['gauge']) as Gauge));
/** What would make enough of too little: nothing, until it was searched for. */
export const gaugeHint = spoken(function gaugeHint(v: Values): string {
  if (v['supplied'] !== undefined) {
    const given = ` Its supply gives only ${volts(v, 'supplied')}`;
    if (v['setting'] === undefined) return `${given}.`;
    return `${given}: ${v['setting'] ? `set it for ${v['setting']} V` : 'use a supply, coil or jumper setting of the right voltage'}.`;
  }
  if (v['gauge'] === undefined) return '';
  return v['gauge']
    ? ` Conductors of ${size(v)} would do.`
    : ' No common size is enough: move the supply nearer.';
});
export const stateSentence = spoken((state: string) =>
  state === 'fail-safe' ? 'unlocks without power' : 'stays locked without power',
);
export const stateVerb = spoken((state: string) =>
  state === 'fail-safe' ? 'unlocks without power' : 'stays locked without power',
);

const CODE_PROBLEMS: Record<string, string> = {
  'not-digits': 'A code is made of digits',
  'too-short': 'The code is too short',
  'too-long': 'The code is too long',
  'not-as-long-as-programming': 'All codes must have as many digits as the programming code',
  'is-programming': 'It is the programming code',
  'as-long-as-programming': 'A code must not have as many digits as the programming code',
  'like-programming': 'It begins like the programming code, or the programming code begins like it',
  'leading-zero': 'It begins with a zero, and zeros fill codes up here',
  reserved: 'The keypad keeps this code for itself',
  taken: 'Another slot has this code',
  'no-codes-here': 'This keypad takes no codes: use a card',
  full: 'The keypad is full',
  'no-cards-here': 'This keypad reads no cards: use a code',
  'slot-out-of-range': 'The slot number is out of range',
  'no-slot': 'No slot yet',
  'slot-twice': 'The slot belongs to somebody else',
};
export const codeProblemWords = spoken((problem: string): string => CODE_PROBLEMS[problem] ?? problem);

/** A cross-section with the wire gauge beside it: nobody carries both tables in the head. */
export const area = spoken(
  (v: Values, key: string) =>
    `${formatGauge(mm2(Math.round(num(v, key) * 100) / 100))} (about ${nearestAwg(num(v, key))} AWG)`,
);
/** A resistance; below zero stands for none. */
export const ohms = spoken((v: Values, key: string) =>
  num(v, key) < 0 ? 'an open pair' : formatOhms(num(v, key)),
);
/** The wire that is it, where one is. */
export const wire = spoken((v: Values) => (v['wire'] ? `Wire ${v['wire']}` : 'A path through several wires'));
export const INTERFACE_NAMES: Readonly<Record<string, string>> = texts({
  wiegand: 'Wiegand',
  rs485: 'RS-485',
  serial: 'a serial line',
  'dry-input': 'a dry input',
  'supervised-input': 'a supervised input',
  audio: 'speech',
  ethernet: 'a network cable',
});

/** What is found on a fire input, and what its supply takes for an alarm. */
export const fireInputHow = spoken((v: Values): string =>
  v['how'] === 'bridged'
    ? 'The input is bridged.'
    : `The input is ${v['how'] === 'empty' ? 'empty' : `${v['reading'] === 'closed' ? 'closed' : 'open'} at rest`}, and is set for a contact that ${v['trigger'] === 'NO' ? 'closes' : 'opens'} on alarm.`,
);
export const fireInputRemedy = spoken((v: Values): string =>
  v['how'] === 'bridged' ? 'Remove the bridge' : 'Put the fire contact right',
);
