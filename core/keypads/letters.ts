/**
 * Letters on the digit keys of a telephone, ITU-T E.161: a key pressed twice is its second letter, `0` a blank. `>` stands for the key that
 * moves on to the next place, needed between two letters of one key.
 */
const KEYS: Readonly<Record<string, string>> = {
  '2': 'ABC',
  '3': 'DEF',
  '4': 'GHI',
  '5': 'JKL',
  '6': 'MNO',
  '7': 'PQRS',
  '8': 'TUV',
  '9': 'WXYZ',
  '0': ' ',
};
export const NEXT_PLACE = '>';

const BY_LETTER = new Map(
  Object.entries(KEYS).flatMap(([key, letters]) =>
    [...letters].map((letter, index): [string, string] => [letter, key.repeat(index + 1)]),
  ),
);

/** A name as a screen can hold it: letters and blanks, accents left out; nothing else. */
export const plainName = (name: string): string =>
  name
    .normalize('NFD')
    .toUpperCase()
    .replace(/Ø/g, 'O')
    .replace(/Æ/g, 'AE')
    .replace(/[^A-Z\s]/gu, '')
    .replace(/\s+/g, ' ')
    .trim();

/** The keys for a name, one after another. */
export function tapsOf(name: string): string {
  let taps = '';
  for (const letter of plainName(name)) {
    const keys = BY_LETTER.get(letter) ?? '';
    taps += (keys !== '' && taps.endsWith(keys[0]!) ? NEXT_PLACE : '') + keys;
  }
  return taps;
}

/** The name that keys spell: a key pressed more often than it has letters begins again with its first. */
export function nameOf(taps: string): string {
  return [...taps.matchAll(/(\d)\1*|>/g)]
    .map(([run]) => {
      const letters = KEYS[run[0]!] ?? '';
      return run === NEXT_PLACE || letters === '' ? '' : letters[(run.length - 1) % letters.length]!;
    })
    .join('')
    .trim();
}
