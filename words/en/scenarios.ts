import { findIn, type Act, type Plan, type Scenario } from '#core/plan/index';
import type { Differs, Lane, LaneKind, ScenarioName, WorstTimes } from '#core/scenarios/index';
import { differsHere, LANES } from './scenarioDiffers';
import { spoken, texts } from '../messages';

export { shownWords } from './scenarioDiffers';

/** The scenarios of the library, each as one would tell it, and what it is good for. */
export const SCENARIOS: Readonly<Record<ScenarioName, { readonly name: string; readonly asks: string }>> =
  texts({
    late: { name: 'Let in, and nobody comes', asks: 'Is it locked again when somebody pulls much later?' },
    slow: { name: 'Somebody slow walks from the reader', asks: 'Do they reach the handle in time?' },
    ten: { name: 'Ten people on one card', asks: 'Do all get through without an alarm?' },
    push: {
      name: 'Somebody pushes a delayed way out',
      asks: 'Does it release in time, and lock again once re-armed?',
    },
    delivery: {
      name: 'A delivery props the door open',
      asks: 'Is an alarm raised, and does it stop afterwards?',
    },
    follower: { name: 'Somebody follows right behind', asks: 'Is it locked before they pull?' },
    wrong: { name: 'Ten wrong cards or codes', asks: 'Does it stay locked?' },
    child: { name: 'A child presses the exit again and again', asks: 'Does it lock in the end?' },
    last: { name: 'The last person leaves at night', asks: 'Out at once, and locked behind them?' },
    forced: { name: 'Forced open without a card', asks: 'Is an alarm raised?' },
    fire: { name: 'Fire alarm, everybody leaves, reset', asks: 'Out freely, and locked after the reset?' },
    outage: { name: 'The mains fail for two minutes', asks: 'Out all the while, and locked afterwards?' },
    glass: { name: 'The glass is broken and reset', asks: 'Out at once, and locked after the reset?' },
    partner: { name: 'A card while the other door stands open', asks: 'Does this one stay locked?' },
    lockdown: {
      name: 'Lockdown while somebody comes',
      asks: 'Locked to those outside, and a way out for those inside?',
    },
    passage: {
      name: 'A day with an unlock schedule',
      asks: 'Unlocked no sooner than it should be, and locked when the schedule ends?',
    },
    handed: {
      name: 'A card is passed back to the next person',
      asks: 'Is the second use refused, and allowed once the first has left?',
    },
    hung: { name: 'The controller stops responding', asks: 'Is there still a way out?' },
  });

const tagOf = (plan: Plan, device: string | null): string =>
  device === null ? '' : (findIn(plan.devices, device)?.tag ?? device);

/** What is done at a delayed egress, by the name that its function gives it; any other name is a key's. */
const DONE: Readonly<Record<string, string>> = { push: 'pushed and held', rearm: 're-armed with its key' };

export const pressWords = spoken((tag: string, key: string | null): string =>
  key === null ? `${tag} pressed` : DONE[key] ? `${tag} ${DONE[key]}` : `Key ${key} of ${tag}`,
);

/** An act, as on a list: `Exit button X1 pressed`. */
export const actWords = spoken(function actWords(plan: Plan, act: Act): string {
  switch (act.does) {
    case 'credential': {
      const where = act.device === null ? '' : ` at ${tagOf(plan, act.device)}`;
      const output = act.output > 0 ? `, output ${act.output + 1}` : '';
      const whose = act.who === undefined ? '' : ` of person ${act.who}`;
      return `${act.valid ? 'Card or code' : 'Wrong card or code'}${whose}${where}${output}`;
    }
    case 'press':
      return pressWords(tagOf(plan, act.device), act.key);
    case 'open':
      return {
        inside: 'Pushed from inside',
        outside: 'Pulled from outside',
        force: 'Forced open',
        key: 'Opened with a key',
      }[act.from];
    case 'close':
      return 'Door closes';
    case 'others-open':
      return 'The other doors open';
    case 'others-shut':
      return 'The other doors are closed';
    case 'break-glass':
      return `${tagOf(plan, act.device)} broken`;
    case 'reset-glass':
      return `${tagOf(plan, act.device)} reset`;
    case 'fire':
      return 'Fire alarm';
    case 'fire-gone':
      return 'Fire alarm over';
    case 'fire-reset':
      return 'Fire release reset';
    case 'mains-off':
      return 'Mains off';
    case 'mains-on':
      return 'Mains back';
    case 'network-off':
      return 'Network lost';
    case 'network-on':
      return 'Network back';
    case 'lockdown':
      return 'Lockdown of the site';
    case 'lockdown-over':
      return 'Lockdown over';
    case 'hours':
      return 'Unlock schedule starts';
    case 'hours-over':
      return 'Unlock schedule ends';
    case 'battery-empty':
      return 'Batteries empty';
    case 'all-dead':
      return 'All power lost, batteries too';
    case 'restart':
      return `${tagOf(plan, act.device)} restarted`;
    case 'hang':
      return `${tagOf(plan, act.device)} stops responding`;
    case 'cut':
    case 'mend':
      return `Wire ${findIn(plan.conductors, act.wire)?.number ?? act.wire} ${act.does === 'cut' ? 'cut' : 'repaired'}`;
  }
});

const PURPOSES: Readonly<Record<NonNullable<Lane['purpose']>, string>> = {
  exit: 'exit input',
  contact: 'contact input',
  status: 'status input',
  bypass: 'bypass',
  rearm: 're-arm',
  fire: 'fire input',
  data: 'data line',
  alarm: 'alarm input',
  bell: 'bell input',
  tamper: 'tamper input',
  lockdown: 'lockdown input',
  interlock: 'interlock input',
  aux: 'aux input',
  other: 'input',
};

/** A lane by its name: `Relay K1 relay1`, `K1 exit input`. */
export const laneWords = spoken(function laneWords(
  plan: Plan,
  { kind, device, part, purpose }: Pick<Lane, 'kind' | 'device' | 'part' | 'purpose'>,
): string {
  const tag = tagOf(plan, device);
  if (kind === 'sounder') return tag;
  if (device === null) return LANES[kind];
  return purpose ? `${tag} ${PURPOSES[purpose]}` : `${LANES[kind]} ${tag} ${part ?? ''}`.trim();
});

/** A lane that was kept, by its id, also where it is there no more. */
const laneById = (plan: Plan, id: string): string => {
  const [kind = '', ...rest] = id.split(':');
  if (rest.length === 0) return LANES[kind as LaneKind] ?? kind;
  const device = rest.slice(0, -1).join(':');
  return laneWords(plan, { kind: kind as LaneKind, device, part: rest.at(-1) ?? null });
};

/** One thing that comes otherwise than expected, as a sentence. */
export const differsWords = spoken((plan: Plan, differs: Differs): string =>
  differsHere(differs, (id) => laneById(plan, id)),
);

/** Which timers are off, and by how much: `K1 2 % fast, O1 15 % slow`. */
export const offWords = spoken((plan: Plan, { off }: WorstTimes): string =>
  off
    .map(
      ({ device, share }) =>
        `${tagOf(plan, device)} ${Math.round(Math.abs(share) * 100)} % ${share > 0 ? 'slow' : 'fast'}`,
    )
    .join(', '),
);

/** What a scenario expects, as a line: for the print and the list. */
export const expectsWords = spoken(function expectsWords({ expects }: Pick<Scenario, 'expects'>): string {
  const said = (name: string, value: 'sounds' | 'quiet' | null) =>
    value === null ? null : `${name} ${value === 'sounds' ? 'sounds' : 'stays quiet'}`;
  return [
    expects.end === null ? null : `${expects.end} at the end`,
    said('door forced alarm', expects.forced),
    said('door held open alarm', expects.held),
    said('tamper alarm', expects.tamper),
    expects.wayOut ? 'a way out all the while' : null,
  ]
    .filter((part) => part !== null)
    .join(' · ');
});
