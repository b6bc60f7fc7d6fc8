const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const ACCENTED = [...'åƀçðéƒĝĥîĵķļɱñöþǫŕšţûṽŵẋýžÅƁÇÐÉƑĜĤÎĴĶĻṀÑÖÞǪŔŠŢÛṼŴẊÝŽ'];
const ACCENTS = new Map([...PLAIN].map((letter, index) => [letter, ACCENTED[index] ?? letter]));

/** Around what is filled into a message: a name or a number stays as it is. */
const [FILLED, END] = ['\uE000', '\uE001'];
export const asFilled = (value: unknown): unknown =>
  typeof value === 'string' && value !== '' ? `${FILLED}${value}${END}` : value;

/** What stands at both ends of every text of the catalogue: what has none of it on a screen stands outside. */
export const OPENING = '⟦';
export const CLOSING = '⟧';

/** How much longer a text may become in another language, by its length in English. */
const MORE = [
  { upTo: 10, share: 0.6 },
  { upTo: 30, share: 0.4 },
  { upTo: Infinity, share: 0.3 },
];

/** A text as it would look in a language with accents and longer words. What was filled in is left as it is, and so is what has no letter in it. */
export function pseudo(text: string): string {
  const shown = text.replaceAll(FILLED, '').replaceAll(END, '');
  if (!/\p{L}/u.test(shown)) return shown;
  let inside = 0;
  const accented = [...text].map((letter) => {
    if (letter === FILLED) inside += 1;
    if (letter === END) inside -= 1;
    if (letter === FILLED || letter === END) return '';
    return inside > 0 ? letter : (ACCENTS.get(letter) ?? letter);
  });
  const share = MORE.find(({ upTo }) => shown.length <= upTo)?.share ?? 0;
  const more = '~'.repeat(Math.ceil(shown.trim().length * share)).replace(/~{7}(?=~)/gu, '$& ');
  const [, before = '', core = '', after = ''] = /^(\s*)(.*?)(\s*)$/su.exec(accented.join('')) ?? [];
  return `${before}${OPENING}${core}${more}${CLOSING}${after}`;
}
