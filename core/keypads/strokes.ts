import type { CardNumber } from '../plan/index';
import type { FieldId, KeypadLanguage, Stroke, Token } from './language';

/** What is filled into the fields of a command. */
export interface Values extends Partial<Record<FieldId, string | number>> {
  readonly cards?: readonly CardNumber[];
}

/** The strokes of a command with its values, as a person makes them. */
export function strokesOf(language: KeypadLanguage, tokens: readonly Token[], values: Values): Stroke[] {
  return tokens.flatMap((token): Stroke[] => {
    if ('key' in token) return [{ key: token.key }];
    if ('master' in token) return [{ master: token.master }];
    if ('card' in token) return (values.cards ?? []).slice(0, 1).map((card) => ({ card }));
    if ('cards' in token) return (values.cards ?? []).map((card) => ({ card }));
    const value = String(values[token.field] ?? '');
    const width =
      token.field === 'slot'
        ? (language.slots?.digits ?? 0)
        : token.field === 'seconds' || token.padded
          ? token.least
          : 0;
    return [...value.padStart(width, '0')].map((key) => ({ key }));
  });
}
