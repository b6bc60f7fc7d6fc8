import type { CardNumber } from '../plan/index';
import type { FieldId, KeypadLanguage, Stroke, Token } from './language';
import { NEXT_PLACE, tapsOf } from './letters';

/** What is filled into the fields of a command. */
export interface Values extends Partial<Record<FieldId, string | number>> {
  readonly cards?: readonly CardNumber[];
  readonly finger?: string;
  readonly name?: string;
  readonly administers?: boolean;
}

/** Where a name must be keyed and there is none in its letters. */
const BLANK = '0';

/** The strokes of a command with its values, as a person makes them. What may be passed over and has no value is. */
export function strokesOf(
  language: Pick<KeypadLanguage, 'slots'>,
  tokens: readonly Token[],
  values: Values,
): Stroke[] {
  return tokens.flatMap((token): Stroke[] => {
    if ('key' in token) return [{ key: token.key }];
    if ('master' in token) return [{ master: token.master }];
    if ('card' in token) return (values.cards ?? []).slice(0, 1).map((card) => ({ card }));
    if ('cards' in token) return (values.cards ?? []).map((card) => ({ card }));
    if ('finger' in token) {
      const { finger } = values;
      return finger === undefined ? [] : Array.from({ length: token.finger }, () => ({ finger }));
    }
    // A name costs many keys and opens nothing: it is keyed only where the screen insists.
    if ('name' in token)
      return token.optional
        ? []
        : [...(tapsOf(values.name ?? '') || BLANK)].map((key) => ({
            key: key === NEXT_PLACE ? token.next : key,
          }));
    if ('role' in token) return values.administers ? [{ key: token.by.at(-1) ?? '' }] : [];
    const value = String(values[token.field] ?? '');
    if (value === '' && token.optional) return [];
    const width =
      token.field === 'slot'
        ? (language.slots?.digits ?? 0)
        : token.field === 'seconds' || token.padded
          ? token.least
          : 0;
    return [...value.padStart(width, '0')].map((key) => ({ key }));
  });
}
