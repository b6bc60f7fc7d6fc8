import type { CardNumber } from '../plan/index';
import type { FieldId, Stroke, Token } from './language';

export interface Fields {
  readonly digits: Readonly<Partial<Record<FieldId, string>>>;
  readonly card: CardNumber | null;
}

/** How strokes stand to a sequence of tokens: all of it, the beginning of it, or not it. */
export type Match =
  | { readonly kind: 'complete'; readonly fields: Fields }
  | { readonly kind: 'partial' }
  | { readonly kind: 'no' };

/** Matches strokes against tokens, trying shorter fields first. Sequences are a few dozen strokes at most. */
export function matchTokens(tokens: readonly Token[], strokes: readonly Stroke[]): Match {
  return matchFrom(tokens, 0, strokes, 0, { digits: {}, card: null });
}

function matchFrom(
  tokens: readonly Token[],
  t: number,
  strokes: readonly Stroke[],
  s: number,
  fields: Fields,
): Match {
  const token = tokens[t];
  if (!token) return s === strokes.length ? { kind: 'complete', fields } : { kind: 'no' };
  if (s === strokes.length) return { kind: 'partial' };
  const stroke = strokes[s];
  if (!stroke) return { kind: 'no' };
  if ('key' in token) {
    const hit = 'key' in stroke && stroke.key === token.key;
    return hit ? matchFrom(tokens, t + 1, strokes, s + 1, fields) : { kind: 'no' };
  }
  if ('card' in token) {
    return 'card' in stroke
      ? matchFrom(tokens, t + 1, strokes, s + 1, { ...fields, card: stroke.card })
      : { kind: 'no' };
  }
  let best: Match = { kind: 'no' };
  for (let length = token.least; length <= token.most; length += 1) {
    const run = strokes.slice(s, s + length);
    const text = run.map((one) => ('key' in one && /^\d$/.test(one.key) ? one.key : '?')).join('');
    if (text.includes('?')) break;
    if (run.length < length) return best.kind === 'no' ? { kind: 'partial' } : best;
    const digits = { ...fields.digits, [token.field]: text };
    const rest = matchFrom(tokens, t + 1, strokes, s + length, { ...fields, digits });
    if (rest.kind === 'complete') return rest;
    if (rest.kind === 'partial') best = rest;
  }
  if (best.kind === 'no') {
    // Fewer digits than the field needs, and nothing else after them: still the beginning of it.
    const left = strokes.slice(s);
    const digitsOnly = left.every((one) => 'key' in one && /^\d$/.test(one.key));
    if (digitsOnly && left.length < token.least) return { kind: 'partial' };
  }
  return best;
}
