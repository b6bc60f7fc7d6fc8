import { pressWords } from './scenarios';
import type { PromiseId } from '#core/orders/index';
import { findIn, type Plan } from '#core/plan/index';
import { spoken, texts } from '../messages';

/** What is promised of a door, whatever happens and in whatever order. */
export const PROMISE_WORDS: Readonly<Record<PromiseId, string>> = texts({
  'way-out': 'Whoever is inside gets out by one act',
  'no-cause': 'Nothing lets the lock go without a cause',
  'lets-in': 'Whoever may come in is let in',
  'locks-again': 'It locks again when nothing keeps it free any more',
  alarm: 'Torn open, it raises an alarm',
  'fire-outlives': 'A release by fire holds until it is reset',
  'glass-outlives': 'A release by break glass holds until it is reset',
  'operator-waits': 'The operator never pushes against the lock',
  'one-at-a-time': 'Of the doors of a small room one is open at a time',
});

/** What a broken promise comes to, at the end of its story. */
export const BROKEN_WORDS: Readonly<Record<PromiseId, string>> = texts({
  'way-out': 'Now nobody gets out: no exit, no glass, no lever works.',
  'no-cause': 'Now the lock lets go, and nothing was done that should free it.',
  'lets-in': 'Now a valid card or code does not open, and nothing keeps anybody out.',
  'locks-again': 'Now nothing keeps the door free, and it stays free.',
  alarm: 'Now it has been torn open, and nobody is told.',
  'fire-outlives': 'Now the lock holds, and nobody has reset the fire release.',
  'glass-outlives': 'Now the lock holds, and the glass is still broken.',
  'operator-waits': 'Now the operator moves the leaf, and the lock holds it.',
  'one-at-a-time': 'Now one door is let go while the other is open or free, and nothing asks for both.',
});

export const NOT_ASKED: Readonly<Record<string, string>> = texts({
  'no-contact': 'the door has no contact',
  'no-fire': 'no fire relay releases it, or it stays locked when dead and is left by its lever',
  'no-glass': 'no break glass releases it',
  'no-operator': 'no operator moves it',
  'no-entry': 'nothing lets anybody in',
  'no-partner': 'no other door shares a small room with it',
});

const FIXED: Readonly<Record<string, string>> = {
  wait: 'Time passes until the next timer',
  'open:inside': 'Somebody inside pushes the leaf',
  'open:outside': 'Somebody outside pulls the leaf',
  'open:key': 'Somebody opens with a key',
  'open:force': 'The leaf is torn open',
  'open:force:2': 'The second leaf is torn open',
  close: 'The leaf falls shut',
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
  hours: 'Free passage begins',
  'hours-over': 'Free passage is over',
  hang: 'What decides stops thinking',
  restart: 'What decides is started again',
  'others-open': 'The other doors open',
  'others-shut': 'The other doors are shut',
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
