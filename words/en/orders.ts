import { pressWords } from './scenarios';
import type { PromiseId } from '#core/orders/index';
import { findIn, type Plan } from '#core/plan/index';
import { spoken, texts } from '../messages';

/** What is promised of a door, whatever happens and in whatever order. */
export const PROMISE_WORDS: Readonly<Record<PromiseId, string>> = texts({
  'way-out': 'Anybody inside gets out with one action',
  'no-cause': 'Nothing unlocks it without a cause',
  'lets-in': 'Authorised people are let in',
  'locks-again': 'It locks again once nothing keeps it unlocked',
  alarm: 'Forced open, it raises an alarm',
  'fire-outlives': 'A fire release lasts until it is reset',
  'glass-outlives': 'A break-glass release lasts until it is reset',
  'operator-waits': 'The operator never pushes against the lock',
  'one-at-a-time': 'Only one door of a mantrap is open at a time',
});

/** What a broken promise comes to, at the end of its story. */
export const BROKEN_WORDS: Readonly<Record<PromiseId, string>> = texts({
  'way-out': 'Now nobody gets out: no exit device, break glass or lever works.',
  'no-cause': 'Now the lock releases, and nothing was done that should release it.',
  'lets-in': 'Now a valid card or code does not open it, and nothing is meant to keep people out.',
  'locks-again': 'Now nothing keeps the door unlocked, and it stays unlocked.',
  alarm: 'Now it has been forced open, and no alarm is raised.',
  'fire-outlives': 'Now the lock holds, and nobody has reset the fire release.',
  'glass-outlives': 'Now the lock holds, and the glass is still broken.',
  'operator-waits': 'Now the operator moves the leaf, and the lock holds it.',
  'one-at-a-time': 'Now one door is released while the other is open or released, and nothing asks for both.',
});

export const NOT_ASKED: Readonly<Record<string, string>> = texts({
  'no-contact': 'the door has no contact',
  'no-fire': 'no fire relay releases it, or it stays locked without power and is left by its lever',
  'no-glass': 'no break glass releases it',
  'no-operator': 'no operator moves it',
  'no-entry': 'nothing lets anybody in',
  'no-partner': 'it shares no mantrap with another door',
});

const FIXED: Readonly<Record<string, string>> = {
  wait: 'Time passes until the next timer',
  'open:inside': 'Somebody inside pushes the leaf',
  'open:outside': 'Somebody outside pulls the leaf',
  'open:key': 'Somebody opens with a key',
  'open:force': 'The leaf is forced open',
  'open:force:2': 'The second leaf is forced open',
  close: 'The door closes',
  fire: 'Fire alarm',
  'fire-gone': 'The fire line is lost, or the panel reset',
  'fire-reset': 'The fire release is reset by key',
  'mains-off': 'Mains lost',
  'mains-on': 'Mains back',
  'battery-empty': 'The batteries run empty',
  'all-dead': 'All power lost, batteries too',
  'network-off': 'Network lost',
  'network-on': 'Network back',
  lockdown: 'Lockdown of the site',
  'lockdown-over': 'Lockdown over',
  hours: 'Unlock schedule starts',
  'hours-over': 'Unlock schedule ends',
  hang: 'The controller stops responding',
  restart: 'The controller is restarted',
  'others-open': 'The other doors open',
  'others-shut': 'The other doors are closed',
};

/** One event of a story, by its id: `Card or code at R1`; a device of another door than this one with its door. */
export const eventWords = spoken(function eventWords(plan: Plan, id: string, door?: string): string {
  const fixed = FIXED[id];
  if (fixed) return fixed;
  const [kind = '', device = '', more = ''] = id.split(':');
  const found = findIn(plan.devices, device);
  const away = door !== undefined && (found?.door ?? door) !== door;
  const tag = found ? (away ? `${found.door} ${found.tag}` : found.tag) : device;
  switch (kind) {
    case 'card':
      return `Card or code at ${tag}${Number(more) > 0 ? `, output ${Number(more) + 1}` : ''}`;
    case 'wrong':
      return `Wrong card or code at ${tag}`;
    case 'press':
      return more ? `Key ${more} of ${tag}` : `${tag} pressed`;
    case 'push':
    case 'rearm':
      return pressWords(tag, kind);
    case 'switch':
      return `${tag} turned`;
    case 'glass':
      return `${tag} broken`;
    case 'glass-reset':
      return `${tag} reset`;
    default:
      return id;
  }
});
