import type { Screen } from './screen';
import { FIELDS, type FieldId, type Length, type Token } from './token';

/** How long the fields of a language are, where its notation does not say. */
export interface Shape {
  readonly keys: readonly (readonly string[])[];
  readonly programming: Length;
  readonly code: Length;
  readonly slots: { readonly digits: number } | null;
  readonly screen?: Screen | null | undefined;
}

export type Notated =
  | { readonly ok: true; readonly tokens: readonly Token[] }
  | {
      readonly ok: false;
      readonly word: string;
      readonly problem: 'unknown-field' | 'no-such-key' | 'no-length' | 'no-screen';
    };

/**
 * Strokes in a compact notation, parts apart by blanks: keys as they are, and in braces what is filled in. `* {programming} # 1 {slot}
 * # {code} #`; `{code:4-6}` gives a length, `{code:06}` six digits filled up with zeros, `{again}` repeats the field before it,
 * `{cards}` is one card after another, `{master+}` and `{master-}` are the cards that begin adding and deleting. `{finger:3}` is a finger laid on
 * three times. At a screen `{name}` is letters on the digit keys and `{role}` a choice of user or administrator; a question mark, as in
 * `{card?}`, stands where the screen lets one pass over it.
 */
export function readNotation(text: string, shape: Shape): Notated {
  const tokens: Token[] = [];
  const keys = new Set(shape.keys.flat());
  for (const word of text.split(/\s+/).filter((part) => part !== '')) {
    const inside = /^\{(.+)\}$/.exec(word)?.[1];
    if (inside === undefined) {
      const pressed = keys.has(word) ? [word] : [...word];
      if (pressed.some((key) => !keys.has(key))) return { ok: false, word, problem: 'no-such-key' };
      tokens.push(...pressed.map((key): Token => ({ key })));
      continue;
    }
    const token = SPECIAL[inside] ?? atScreen(inside, shape) ?? fieldOf(inside, shape, tokens);
    if (typeof token === 'string') return { ok: false, word, problem: token };
    tokens.push(token);
  }
  return { ok: true, tokens };
}

/** Strokes of a leaflet that is known to be right. Throws with its id where a text cannot be read. */
export function mustRead(text: string, shape: Shape, id: string): readonly Token[] {
  const found = readNotation(text, shape);
  if (!found.ok) throw new Error(`${id}: "${found.word}" in "${text}": ${found.problem}`);
  return found.tokens;
}

const SPECIAL: Readonly<Record<string, Token>> = {
  card: { card: true },
  'card?': { card: true, optional: true },
  cards: { cards: true },
  'master+': { master: 'add' },
  'master-': { master: 'delete' },
};

const OPTIONAL = { optional: true } as const;

/** A finger, and what only a screen asks for; null where it is none of these. */
function atScreen(inside: string, { screen }: Shape): Token | 'no-screen' | 'no-length' | null {
  const [, what, times, left] = /^(finger|name|role)(?::(\d))?(\?)?$/.exec(inside) ?? [];
  const may = left ? OPTIONAL : {};
  if (what === undefined) return null;
  if (what === 'finger') return times === '0' ? 'no-length' : { finger: Number(times ?? 1), ...may };
  if (times !== undefined || (what === 'role' && left)) return 'no-length';
  if (!screen) return 'no-screen';
  const { up, down } = screen;
  return what === 'role' ? { role: true, by: [up, down] } : { name: true, next: down, ...may };
}

function fieldOf(
  inside: string,
  shape: Shape,
  before: readonly Token[],
): Token | 'unknown-field' | 'no-length' {
  const [, name = '', digits, to, left] = /^([a-z]+)(?::(\d+)(?:-(\d+))?)?(\?)?$/.exec(inside) ?? [];
  if (!FIELDS.some((one) => one === name)) return 'unknown-field';
  const field = name as FieldId;
  const may = left ? OPTIONAL : {};
  if (digits !== undefined) {
    const least = Number(digits);
    const most = Number(to ?? digits);
    if (least < 1 || most < least || most > 12) return 'no-length';
    return { field, least, most, ...(digits.startsWith('0') ? { padded: true as const } : {}), ...may };
  }
  const length = lengthOf(field, shape, before);
  return length
    ? { field, least: length.least, most: length.most, ...padOf(before, field), ...may }
    : 'no-length';
}

function lengthOf(field: FieldId, shape: Shape, before: readonly Token[]): Length | null {
  switch (field) {
    case 'programming':
      return shape.programming;
    case 'code':
      return shape.code;
    case 'slot':
      return shape.slots && { least: shape.slots.digits, most: shape.slots.digits };
    case 'again':
      return lastField(before);
    case 'seconds':
      return null;
  }
}

/** What is repeated is filled up as it was the first time. */
const padOf = (before: readonly Token[], field: FieldId): { padded?: true } =>
  field === 'again' && lastField(before)?.padded ? { padded: true } : {};

const lastField = (tokens: readonly Token[]) =>
  ([...tokens].reverse().find((token) => 'field' in token) as
    Extract<Token, { field: FieldId }> | undefined) ?? null;

/** Strokes back in the notation, as short as it reads them. */
export function writeNotation(tokens: readonly Token[], shape: Shape): string {
  return tokens
    .map((token, index): string => {
      if ('key' in token) return token.key;
      const may = 'optional' in token && token.optional ? '?' : '';
      if ('card' in token) return `{card${may}}`;
      if ('cards' in token) return '{cards}';
      if ('master' in token) return token.master === 'add' ? '{master+}' : '{master-}';
      if ('finger' in token) return token.finger === 1 ? `{finger${may}}` : `{finger:${token.finger}${may}}`;
      if ('name' in token) return `{name${may}}`;
      if ('role' in token) return '{role}';
      const { field, least, most, padded } = token;
      const usual = lengthOf(field, shape, tokens.slice(0, index));
      const repeats = field === 'again' && padOf(tokens.slice(0, index), field).padded === padded;
      if (usual?.least === least && usual.most === most && (repeats || !padded)) return `{${field}${may}}`;
      const digits = `${padded ? '0' : ''}${least}`;
      return least === most ? `{${field}:${digits}${may}}` : `{${field}:${digits}-${most}${may}}`;
    })
    .join(' ');
}
