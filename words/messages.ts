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
