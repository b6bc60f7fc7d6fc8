import { AT_DOOR, type Token } from '../leaflet/index';
import type { SlotContent } from '../plan/index';
import type { Keypad } from './answer';
import { entriesOf, markedAt, titleOf } from './atScreen';
import { press } from './keypad';
import type { FieldId, KeypadLanguage, Stroke } from './language';
import { nameOf } from './letters';
import { matchTokens, type Match } from './matchTokens';

/** What is asked for. `sure`: nothing but whether one means it. */
export type Asked = Exclude<FieldId, 'programming'> | 'card' | 'finger' | 'name' | 'role' | 'sure';

/** What a slot holds, as a screen tells it: codes never stand on it. */
export interface Shown {
  /** In as many digits as it is keyed with. */
  readonly slot: string;
  readonly name: string;
  readonly administers: boolean;
  readonly code: boolean;
  readonly card: boolean;
  readonly fingers: number;
}

/** What stands on a screen. Data: the words for it are elsewhere, those of the leaflet excepted. */
export type ScreenText =
  | { readonly on: 'door' }
  | {
      readonly on: 'list';
      readonly title: string;
      readonly lines: readonly string[];
      readonly marked: number;
      /** The slot that was stored last with what it holds; `empty` where it was cleared. */
      readonly done: Shown | { readonly empty: string } | null;
    }
  | {
      /** Of a command, of somebody who shows that they administer, or of somebody who wants in. */
      readonly on: 'form' | 'administrator' | 'entry';
      readonly title: string;
      readonly asks: Asked;
      /** What is filled in there already; of a code, dots. */
      readonly typed: string;
    };

/** What the screen shows between two strokes; null where there is none. */
export function screenOf(language: KeypadLanguage, keypad: Keypad): ScreenText | null {
  if (!language.screen) return null;
  if (keypad.mode === AT_DOOR) return atDoor(language, keypad);
  const here = language.modes.find(({ id }) => id === keypad.mode);
  const marked = markedAt(language, keypad);
  if (keypad.chosen && marked && 'command' in marked) {
    const { strokes } = marked.command;
    const form = formOf(strokes, matchTokens(strokes, keypad.strokes), keypad);
    return { on: 'form', title: titleOf(marked), asks: form?.asks ?? 'sure', typed: form?.typed ?? '' };
  }
  return {
    on: 'list',
    title: here?.title ?? '',
    lines: here ? entriesOf(language, here).map(titleOf) : [],
    marked: keypad.cursor,
    done:
      keypad.done === null
        ? null
        : shownAt(keypad.memory.slots[keypad.done], numberOf(language, keypad.done)),
  };
}

/** What it asks for as each stroke is made, null where a list stands on it; empty where there is no screen. With how it stands then. */
export function askedFor(
  language: KeypadLanguage,
  start: Keypad,
  strokes: readonly Stroke[],
): { readonly asks: (Asked | null)[]; readonly keypad: Keypad } {
  let keypad = start;
  const asks = strokes.map((stroke) => {
    const text = screenOf(language, keypad);
    keypad = press(language, keypad, stroke, 0).keypad;
    if (text && 'asks' in text) return text.asks;
    // The first digit at the door is what begins the asking.
    const begins = text?.on === 'door' && 'key' in stroke && /^\d$/.test(stroke.key);
    const next = begins ? screenOf(language, keypad) : null;
    return next && 'asks' in next ? next.asks : null;
  });
  return { asks: language.screen ? asks : [], keypad };
}

const numberOf = ({ slots }: KeypadLanguage, slot: number): string =>
  String(slot).padStart(slots?.digits ?? 0, '0');

const shownAt = (held: SlotContent | undefined, slot: string): Shown | { readonly empty: string } =>
  held
    ? {
        slot,
        name: held.name ?? '',
        administers: held.administers === true,
        code: held.code !== null,
        card: held.card !== null,
        fingers: held.fingers?.length ?? 0,
      }
    : { empty: slot };

function atDoor({ entry, modes }: KeypadLanguage, keypad: Keypad): ScreenText {
  if (keypad.strokes.length === 0) return { on: 'door' };
  const ways = modes.filter(({ from }) => from === AT_DOOR).flatMap(({ as }) => as);
  const found = [
    ...ways.map((tokens) => ({ on: 'administrator' as const, tokens })),
    { on: 'entry' as const, tokens: entry },
  ].flatMap(({ on, tokens }) => {
    const form = formOf(tokens, matchTokens(tokens, keypad.strokes), keypad);
    return form ? [{ on, title: '', ...form }] : [];
  });
  return found[0] ?? { on: 'door' };
}

/** The field that is waited for: where only a key is left that ends it, the one before. */
function formOf(
  tokens: readonly Token[],
  match: Match,
  { strokes }: Keypad,
): { readonly asks: Asked; readonly typed: string } | null {
  if (match.kind !== 'partial') return null;
  const token = tokens[match.at];
  const at = token && 'key' in token && match.at > 0 ? match.at - 1 : match.at;
  const asked = tokens[at];
  if (!asked || 'key' in asked || 'master' in asked || 'cards' in asked) return { asks: 'sure', typed: '' };
  const { fields, typed } = match;
  if ('card' in asked) return { asks: 'card', typed: at < match.at && fields.cards[0] ? '●' : '' };
  if ('finger' in asked)
    return { asks: 'finger', typed: '●'.repeat(at < match.at && fields.finger ? asked.finger : typed) };
  if ('name' in asked) return { asks: 'name', typed: nameOf(fields.taps ?? '') };
  if ('role' in asked) return { asks: 'role', typed: fields.administers ? 'administrator' : 'user' };
  if (asked.field === 'programming') return { asks: 'code', typed: '•'.repeat(typed) };
  const digits =
    at < match.at
      ? (fields.digits[asked.field] ?? '')
      : strokes
          .slice(strokes.length - typed)
          .map((one) => ('key' in one ? one.key : ''))
          .join('');
  const hides = asked.field === 'code' || asked.field === 'again';
  return { asks: asked.field, typed: hides ? '•'.repeat(digits.length) : digits };
}
