import type { CardNumber } from '../plan/index';
import type { FieldId, Stroke, Token } from './language';

export interface Fields {
  readonly digits: Readonly<Partial<Record<FieldId, string>>>;
  readonly cards: readonly CardNumber[];
}

/** How strokes stand to a sequence of tokens: all of it, the beginning of it, with what was read so far, or not it. */
export type Match =
  | { readonly kind: 'complete'; readonly fields: Fields }
  | { readonly kind: 'partial'; readonly fields: Fields }
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
  const stroke = strokes[s];
  if (!stroke) return { kind: 'partial', fields };
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
  return matchField(token, tokens, t, strokes, s, fields);
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
    if (stroke === undefined) return best.kind === 'no' ? { kind: 'partial', fields } : best;
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
