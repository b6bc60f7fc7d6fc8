import { LOCALE } from './locale';
import { asFilled, pseudo } from './pseudo';

/** A text, or how one is made of what is filled in. */
type Message = string | ((...filled: never[]) => string);

type Loose = (...filled: unknown[]) => string;

const inPseudo = (message: Message): Message =>
  typeof message === 'string'
    ? pseudo(message)
    : (...filled: never[]) => pseudo((message as Loose)(...filled.map(asFilled)));

/**
 * The texts of one place, in the language of this process. They are typed functions and not a format of messages: a place that
 * forgets what is to be filled in does not compile, nothing is parsed on a phone, and what a page does not show is not loaded.
 */
export function messages<T extends Readonly<Record<string, Message>>>(english: T): T {
  if (LOCALE === 'en') return english;
  return Object.fromEntries(Object.entries(english).map(([key, one]) => [key, inPseudo(one)])) as T;
}

/** How many makers of texts are at work inside one another: what the outermost gives back is the text. */
let inside = 0;

/** A maker of texts, in the language of this process. What it fills in from other makers is not turned twice. */
export function spoken<A extends readonly unknown[], R>(make: (...given: A) => R): (...given: A) => R {
  if (LOCALE === 'en') return make;
  return (...given) => {
    inside += 1;
    try {
      const made = make(...given);
      return inside > 1 ? made : texts(made);
    } finally {
      inside -= 1;
    }
  };
}

/** A table of texts, however deep they lie in it, in the language of this process. */
export function texts<T>(table: T): T {
  if (LOCALE === 'en') return table;
  return turned(table) as T;
}

function turned(value: unknown): unknown {
  if (typeof value === 'string') return pseudo(value);
  if (typeof value === 'function') return spoken(value as (...given: unknown[]) => unknown);
  if (Array.isArray(value)) return value.map(turned);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, turned(one)]));
}
