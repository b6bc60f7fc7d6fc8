import type { Asked, ScreenText } from '#core/keypads/index';
import { spoken } from '../messages';

/** What a screen asks for, where its leaflet leaves that to it. */
const ASKED: Readonly<Record<Asked, string>> = {
  slot: 'Number',
  code: 'Password',
  again: 'Password again',
  seconds: 'Seconds',
  card: 'Hold a card to it',
  finger: 'Lay a finger on it',
  name: 'Name',
  role: 'Role',
  sure: 'Sure?',
};

/** The same in a word, to stand before the keys for it. */
export const askedWords = spoken((asked: Asked): string => SHORT[asked] ?? ASKED[asked]);
const SHORT: Partial<Readonly<Record<Asked, string>>> = { again: 'Again', card: 'Card', finger: 'Finger' };

/** What stands on a screen: a title, and lines below it of which one may be marked. */
export interface Written {
  readonly title: string;
  readonly lines: readonly string[];
  readonly marked: number | null;
  readonly foot: string;
}

export const screenWords = spoken(function screenWords(text: ScreenText): Written {
  switch (text.on) {
    case 'door':
      return { title: 'Ready', lines: ['Show who you are'], marked: null, foot: '' };
    case 'list':
      return { title: text.title, lines: text.lines, marked: text.marked, foot: doneWords(text.done) };
    case 'form':
    case 'administrator':
    case 'entry': {
      const title = { form: text.title, administrator: 'Administrator', entry: 'Ready' }[text.on];
      return { title, lines: [ASKED[text.asks], text.typed || '_'], marked: null, foot: '' };
    }
  }
});

/** What was stored last, and what it holds: `0001 ODD, administrator: password, finger`. */
function doneWords(done: Extract<ScreenText, { on: 'list' }>['done']): string {
  if (!done) return '';
  if ('empty' in done) return `${done.empty} is free`;
  const { slot, name, administers, code, card, fingers } = done;
  const held = [
    code && 'password',
    card && 'card',
    fingers > 0 && (fingers === 1 ? 'finger' : `${fingers} fingers`),
  ].filter(Boolean);
  const who = [`${slot}${name === '' ? '' : ` ${name}`}`, administers && 'administrator'].filter(Boolean);
  return `${who.join(', ')}: ${held.join(', ') || 'nothing'}`;
}

/** The same in one line, for a sheet: `“People”, marked New person; 1 ODD: password`. */
export const screenSays = spoken(function screenSays(text: ScreenText): string {
  if (text.on === 'door') return 'as it stands at the door';
  const { title, lines, marked, foot } = screenWords(text);
  const at = marked === null ? lines[0] : `marked ${lines[marked] ?? ''}`;
  return [`“${title}”, ${at ?? ''}`, foot].filter(Boolean).join('; ');
});
