import type { LanguageProblem } from '#core/keypads/index';
import type { CodeRule, Deed } from '#core/leaflet/index';
import { PURPOSES, REPLY_NAMES } from './keypad';
import { spoken, texts } from '../messages';

/** Functions of a leaflet, as its table calls them. */
export const DEED_WORDS: Readonly<Record<Deed, string>> = texts({
  'set-code': 'store a code in a slot',
  'set-card': 'store a card in a slot',
  'new-user': 'store somebody new',
  'add-finger': 'add a finger to a slot',
  'set-role': 'change a role',
  'clear-slot': 'clear a slot',
  'add-code': 'add a code to the list',
  'add-card': 'add a card to the list',
  'delete-code': 'remove a code from the list',
  'delete-card': 'remove a card from the list',
  'clear-all': 'erase all users',
  'set-time': 'set a time',
  'programming-code': 'change the programming code',
});

export const TIME_WORDS: Readonly<Record<string, string>> = texts({
  unlock: 'unlock',
  unlock2: 'unlock, second output',
  exit: 'exit',
  held: 'held open',
  bell: 'bell',
});

export const RULE_WORDS: Readonly<Record<CodeRule, string>> = texts({
  'same-length': 'as long as the programming code',
  'other-length': 'of another length than the programming code',
  'not-alike': 'not beginning like the programming code, nor it like a code',
  'no-leading-zero': 'not beginning with a zero',
});

const LINES: Readonly<Record<string, string>> = {
  name: 'Name',
  keys: 'Keys',
  screen: 'Screen',
  factoryCode: 'Factory code',
  timeoutMs: 'Silence until it drops out, ms',
  timeoutLoses: 'What silence loses',
  programming: 'Digits of the programming code',
  code: 'Digits of a code',
  rules: 'What a code must be',
  reserved: 'Codes it keeps for itself',
  slots: 'Slots',
  capacity: 'How many it holds',
  lockout: 'Wrong codes',
  entry: 'A code at the door',
};

/** What a line of a leaflet is about: `programming: set-code` is what is keyed for storing a code in that state. */
export const lineWords = spoken(function lineWords(what: string): string {
  const [where = '', does = ''] = what.split(': ');
  const deed = DEED_WORDS[does.replace(/ \(\d+\)$/, '') as Deed];
  return LINES[what] ?? (deed ? `${where}: ${deed}` : what);
});

const phrase = (one: string): string =>
  one === 'leave' ? 'leaving' : (PURPOSES[one as Deed] ?? `entering ${one}`).toLowerCase();

/** What is wrong with a language that can be read. */
export const languageProblemWords = spoken(function languageProblemWords(problem: LanguageProblem): string {
  switch (problem.kind) {
    case 'ambiguous':
      return `In ${problem.mode}: ${phrase(problem.one)}, keyed in full, is taken for ${phrase(problem.other)} on the way.`;
    case 'example':
      return `Example ${problem.index + 1} comes out differently: ${REPLY_NAMES[problem.answer] || 'no answer'}; ${
        problem.holds.length === 0 ? 'nothing is held' : `held is ${problem.holds.join('; ')}`
      }.`;
    case 'unreadable-example':
      return `Example ${problem.index + 1} cannot be keyed: it names a key that is not there.`;
    case 'factory-code':
      return 'The factory code is not as long as a programming code.';
    case 'unknown-mode':
      return `The state ${problem.mode} is entered from nowhere.`;
  }
});
