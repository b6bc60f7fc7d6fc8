/** Insulation colours by their IEC 60757 letter codes, with a drawing colour and the word a person says. */
export const COLOURS = {
  BK: { name: 'black', hex: '#23262b' },
  BN: { name: 'brown', hex: '#7a4a26' },
  RD: { name: 'red', hex: '#c2362b' },
  OG: { name: 'orange', hex: '#d9782b' },
  YE: { name: 'yellow', hex: '#e3c53a' },
  GN: { name: 'green', hex: '#3f8a4d' },
  BU: { name: 'blue', hex: '#2f62b3' },
  VT: { name: 'violet', hex: '#7b4fa3' },
  GY: { name: 'grey', hex: '#8a8f96' },
  WH: { name: 'white', hex: '#ffffff' },
  PK: { name: 'pink', hex: '#e59ab0' },
  TQ: { name: 'turquoise', hex: '#3fa7a3' },
  GNYE: { name: 'green-yellow', hex: '#8fb43a' },
} as const;

export type ColourCode = keyof typeof COLOURS;
export const COLOUR_CODES = Object.keys(COLOURS) as readonly ColourCode[];

export const isColourCode = (text: string): text is ColourCode => Object.hasOwn(COLOURS, text);

/** Colour words beyond the codes themselves, in English and German. */
const COLOUR_WORDS: ReadonlyMap<string, ColourCode> = new Map([
  ...COLOUR_CODES.map((code): [string, ColourCode] => [COLOURS[code].name, code]),
  ...([
    ['gray', 'GY'],
    ['purple', 'VT'],
    ['yellow-green', 'GNYE'],
    ['green/yellow', 'GNYE'],
    ['schwarz', 'BK'],
    ['braun', 'BN'],
    ['rot', 'RD'],
    ['orange', 'OG'],
    ['gelb', 'YE'],
    ['grün', 'GN'],
    ['gruen', 'GN'],
    ['blau', 'BU'],
    ['violett', 'VT'],
    ['lila', 'VT'],
    ['grau', 'GY'],
    ['weiß', 'WH'],
    ['weiss', 'WH'],
    ['rosa', 'PK'],
    ['türkis', 'TQ'],
    ['grün-gelb', 'GNYE'],
    ['grüngelb', 'GNYE'],
    ['grün/gelb', 'GNYE'],
  ] as [string, ColourCode][]),
]);

/** The colour that a word or a code names: `RD`, `red`, `RD red`, `rot`; null for none. */
export function colourNamed(text: string): ColourCode | null {
  const word = text.trim();
  const first = (word.split(/\s+/)[0] ?? '').toUpperCase();
  return isColourCode(first) ? first : (COLOUR_WORDS.get(word.toLowerCase()) ?? null);
}
