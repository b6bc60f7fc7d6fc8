import type { CardNumber } from '../plan/index';
import type { FieldId, Stroke, Token } from './language';
import { NEXT_PLACE } from './letters';

export interface Fields {
  readonly digits: Readonly<Partial<Record<FieldId, string>>>;
  readonly cards: readonly CardNumber[];
  /** The finger that was laid on; null where two readings were of two fingers. */
  readonly finger?: string | null;
  /** Keys for a name, `>` where one moved on to the next place. */
  readonly taps?: string;
  readonly administers?: boolean;
}

/**
 * How strokes stand to a sequence of tokens: all of it, the beginning of it, or not it; with what was read so far and, of a beginning, the
 * token that is waited for and the strokes that it has already.
 */
export type Match =
  | { readonly kind: 'complete'; readonly fields: Fields }
  | { readonly kind: 'partial'; readonly fields: Fields; readonly at: number; readonly typed: number }
  | { readonly kind: 'no' };

const NO: Match = { kind: 'no' };

/** Matches strokes against tokens, trying shorter fields first. Sequences are a few dozen strokes at most. */
export function matchTokens(tokens: readonly Token[], strokes: readonly Stroke[]): Match {
  return matchFrom(tokens, 0, strokes, 0, { digits: {}, cards: [] });
}

const isDigit = (stroke: Stroke | undefined): stroke is { key: string } =>
  stroke !== undefined && 'key' in stroke && /^\d$/.test(stroke.key);

function matchFrom(
  tokens: readonly Token[],
  t: number,
  strokes: readonly Stroke[],
  s: number,
  fields: Fields,
): Match {
  const token = tokens[t];
  if (!token) return s === strokes.length ? { kind: 'complete', fields } : NO;
  if (!('optional' in token) || !token.optional) return matchOne(token, tokens, t, strokes, s, fields);
  // What may be passed over is waited for as long as it may still come.
  const given = strokes[s] ? matchOne(token, tokens, t, strokes, s, fields) : NO;
  const left = matchFrom(tokens, t + 1, strokes, s, fields);
  if (given.kind === 'complete' || left.kind === 'no') return given;
  if (left.kind === 'complete') return left;
  return given.kind === 'partial' ? given : { ...left, at: s === strokes.length ? t : left.at };
}

function matchOne(
  token: Token,
  tokens: readonly Token[],
  t: number,
  strokes: readonly Stroke[],
  s: number,
  fields: Fields,
): Match {
  const stroke = strokes[s];
  if ('role' in token) return matchRole(token, tokens, t, strokes, s, fields);
  if (!stroke) return { kind: 'partial', fields, at: t, typed: 0 };
  if ('key' in token) {
    const hit = 'key' in stroke && stroke.key === token.key;
    return hit ? matchFrom(tokens, t + 1, strokes, s + 1, fields) : NO;
  }
  if ('master' in token) {
    const hit = 'master' in stroke && stroke.master === token.master;
    return hit ? matchFrom(tokens, t + 1, strokes, s + 1, fields) : NO;
  }
  if ('card' in token || 'cards' in token) {
    if (!('card' in stroke)) return NO;
    const next = { ...fields, cards: [...fields.cards, stroke.card] };
    const more = 'cards' in token ? matchFrom(tokens, t, strokes, s + 1, next) : NO;
    return more.kind === 'no' ? matchFrom(tokens, t + 1, strokes, s + 1, next) : more;
  }
  if ('finger' in token) return matchFinger(token.finger, tokens, t, strokes, s, fields);
  if ('name' in token) return matchName(token.next, tokens, t, strokes, s, fields);
  return matchField(token, tokens, t, strokes, s, fields);
}

function matchFinger(
  times: number,
  tokens: readonly Token[],
  t: number,
  strokes: readonly Stroke[],
  s: number,
  fields: Fields,
): Match {
  const laid: string[] = [];
  while (laid.length < times) {
    const stroke = strokes[s + laid.length];
    if (!stroke) return { kind: 'partial', fields, at: t, typed: laid.length };
    if (!('finger' in stroke)) return NO;
    laid.push(stroke.finger);
  }
  const finger = laid.every((one) => one === laid[0]) ? (laid[0] ?? null) : null;
  return matchFrom(tokens, t + 1, strokes, s + times, { ...fields, finger });
}

function matchName(
  next: string,
  tokens: readonly Token[],
  t: number,
  strokes: readonly Stroke[],
  s: number,
  fields: Fields,
): Match {
  let taps = '';
  for (;;) {
    const stroke = strokes[s + taps.length];
    if (!stroke) return { kind: 'partial', fields: { ...fields, taps }, at: t, typed: taps.length };
    const moves = 'key' in stroke && stroke.key === next;
    if (!moves && !isDigit(stroke)) break;
    taps += moves ? NEXT_PLACE : stroke.key;
  }
  return taps === '' ? NO : matchFrom(tokens, t + 1, strokes, s + taps.length, { ...fields, taps });
}

function matchRole(
  { by }: Extract<Token, { role: true }>,
  tokens: readonly Token[],
  t: number,
  strokes: readonly Stroke[],
  s: number,
  fields: Fields,
): Match {
  let pressed = 0;
  for (;;) {
    const stroke = strokes[s + pressed];
    const administers = pressed % 2 === 1;
    if (!stroke) return { kind: 'partial', fields: { ...fields, administers }, at: t, typed: pressed };
    if (!('key' in stroke) || !by.includes(stroke.key))
      return matchFrom(tokens, t + 1, strokes, s + pressed, { ...fields, administers });
    pressed += 1;
  }
}

function matchField(
  { field, least, most, padded }: Extract<Token, { field: FieldId }>,
  tokens: readonly Token[],
  t: number,
  strokes: readonly Stroke[],
  s: number,
  fields: Fields,
): Match {
  let best: Match = NO;
  let text = '';
  for (let length = 1; length <= most; length += 1) {
    const stroke = strokes[s + length - 1];
    if (stroke === undefined)
      return best.kind === 'no' ? { kind: 'partial', fields, at: t, typed: text.length } : best;
    if (!isDigit(stroke)) break;
    text += stroke.key;
    if (length < least) continue;
    const value = padded ? text.replace(/^0+(?=\d)/, '') : text;
    const digits = { ...fields.digits, [field]: value };
    const rest = matchFrom(tokens, t + 1, strokes, s + length, { ...fields, digits });
    if (rest.kind === 'complete') return rest;
    if (rest.kind === 'partial') best = rest;
  }
  return best;
}
