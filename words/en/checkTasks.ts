import type { CheckItem, CheckTask, Phase } from '#core/commission/index';
import { loopName } from './findings';
import { figureWords } from './quantities';
import { spoken, texts } from '../messages';

export const PHASES: Record<Phase, { name: string; hint: string }> = texts({
  'before-power': { name: 'Before power', hint: 'Supplies off, meter on ohms.' },
  'power-up': { name: 'At power-up', hint: 'Power on, wait until every device has started.' },
  function: { name: 'Function', hint: 'Use the door. Listening for a relay is no proof: read the meter.' },
});

type Values = CheckItem['values'];
/** The legs of a loop: from the supply to the load, and back. */
const legWords = (v: Values): string => (v['leg'] === 'back' ? 'return' : 'feed');
const keyWords = (v: Values) => (v['key'] ? `key ${v['key']} of ${v['call']} held` : `${v['call']} held`);
const TASKS: Record<CheckTask, (v: Values) => string> = {
  'supply-not-shorted': (v) => `Across the output of ${v['tag']}: no short`,
  'leg-continuity': (v) => `Loop ${v['loop']}, ${loopName(String(v['kind']))}, ${legWords(v)}`,
  'contact-open': (v) => `Loop ${v['loop']}, ${loopName(String(v['kind']))}, ${legWords(v)}: open at rest`,
  'supply-volts': (v) => `Output of ${v['tag']}`,
  'device-volts': (v) => `Supply at ${v['tag']}`,
  'lock-volts-rest': (v) => `At ${v['tag']}, at rest`,
  'lock-amps-rest': (v) => `Current of ${v['tag']}, at rest`,
  'lock-volts-credential': (v) => `At ${v['tag']}, just after a valid card or code`,
  'relock-seconds': (v) => `Seconds until ${v['tag']} locks again, door left closed`,
  'operator-opens': (v) => `${v['by']} makes the operator open the leaf`,
  'lock-volts-entry': (v) =>
    `At ${v['tag']}, just after a valid card or code at ${v['by']}${v['output'] === 1 ? '' : `, output ${v['output']}`}`,
  'forced-alarm': (v) =>
    `Opened without a card or an exit: the door forced alarm is raised (${v['contact']})`,
  'held-seconds': (v) => `Seconds until the door held open alarm, door left open (${v['contact']})`,
  'tamper-alarm': (v) => `A lid lifted in the tamper loop of ${v['tag']}: the tamper alarm is raised`,
  lockdown: (v) => `With ${v['button']} pressed a card or code leaves ${v['tag']} locked`,
  'lockdown-site': (v) => `With a lockdown of the site called, a card or code leaves ${v['tag']} locked`,
  'lockdown-site-exit': (v) => `With a lockdown of the site called, ${v['exit']} still lets people out`,
  'lockdown-exit': (v) => `With ${v['button']} pressed ${v['exit']} still lets people out`,
  interlock: (v) => `While the other door stands open a card or code leaves ${v['tag']} locked`,
  passage: (v) => `The unlock schedule starts: ${v['tag']} is released without a card, and stays released`,
  'passage-first': (v) =>
    `During the unlock schedule ${v['tag']} stays locked until a card at ${v['by']}, and is released from then on`,
  'passage-over': (v) => `The unlock schedule ends: ${v['tag']} locks`,
  passback: (v) =>
    `The same card a second time at ${v['reader']}: ${v['refused'] === 1 ? 'refused' : 'let in, and reported'}`,
  'passback-out': (v) => `That card at ${v['inner']}, then at ${v['reader']} again: let in`,
  'network-lost': (v) =>
    `Network cable pulled: a known card or code ${v['in'] === 1 ? `opens ${v['tag']}` : `leaves ${v['tag']} locked`}${v['exit'] ? `, ${v['exit']} lets people out` : ''}`,
  'phone-range': (v) =>
    `A phone opens ${v['tag']} from ${v['metres']} m off ${v['reader']}, and not from the other side of the door`,
  'line-normal': (v) => `Nothing pulled: the line of ${v['tag']} is normal, neither alarm nor trouble`,
  'line-alarm': (v) => `${v['by']} pulled: ${v['tag']} reports an alarm; reset, the line is normal again`,
  'line-trouble': (v) => `One wire of the line of ${v['tag']} removed: it reports trouble`,
  'alarm-sounder-volts': (v) =>
    `${v['tag']} sounds with the door ${v['alarm'] === 'held' ? 'held open' : v['alarm']} alarm`,
  'wrong-credential': (v) => `A wrong card or code leaves ${v['tag']} locked`,
  'lock-volts-exit': (v) => `At ${v['tag']}, just after ${v['exit']}`,
  'delay-alarm': (v) => `${v['by']} pushed: its alarm sounds at once`,
  'delay-seconds': (v) => `Seconds from the push at ${v['by']} until ${v['tag']} releases`,
  'delay-rearmed': (v) =>
    `Released by ${v['by']}, ${v['tag']} stays released until it is re-armed with the key; then it locks`,
  'lock-volts-call': (v) => `At ${v['tag']}, with ${keyWords(v)}`,
  'sounder-volts': (v) => `${v['tag']} sounds with ${keyWords(v)}`,
  'door-contact': (v) => `Opening the door shows at the input of ${v['contact']}`,
  'lock-volts-break': (v) => `At ${v['tag']}, with ${v['glass']} broken`,
  'reset-break': (v) => `${v['glass']} reset: ${v['tag']} locks again`,
  'lock-volts-fire': (v) => `At ${v['tag']}, with the fire alarm on ${v['fire']}`,
  'fire-stays': (v) => `Alarm over: ${v['tag']} stays unlocked`,
  'reset-fire': (v) => `${v['fire']} reset by key: ${v['tag']} locks again`,
  'lock-volts-battery': (v) => `At ${v['tag']}, mains off, on battery`,
  'all-dead': (v) => `Everything off: ${v['tag']} ${v['state'] === 'open' ? 'unlocks' : 'stays locked'}`,
  'lever-dead': () => 'Everything off: the lever opens from inside',
};

export const taskWords = spoken((item: CheckItem): string => TASKS[item.task](item.values));

/** A value in the unit of its check. */
export const valueWords = spoken(function valueWords(unit: CheckItem['unit'], value: number | null): string {
  if (value === null) return '—';
  return unit === 'yes' ? (value === 1 ? 'yes' : 'no') : figureWords(value, unit);
});

/** What the reading should be: `12.5 V to 13.9 V`, `above 100 kΩ`, `yes`. */
export const rangeWords = spoken(function rangeWords({ unit, low, high }: CheckItem): string {
  if (unit === 'yes') return 'yes';
  if (high === null) return `above ${valueWords(unit, low)}`;
  if (low === null || (unit === 'Ω' && low === 0)) return `below ${valueWords(unit, high)}`;
  if (unit === 'V' && low < 0) return `below ${valueWords(unit, high)}`;
  // One unit for both ends where it is the same: 12.5–13.9 V.
  const [from, to] = [valueWords(unit, low), valueWords(unit, high)];
  const [figure, sameUnit] = from.split(' ');
  return to.endsWith(` ${sameUnit}`) ? `${figure}–${to}` : `${from} to ${to}`;
});
