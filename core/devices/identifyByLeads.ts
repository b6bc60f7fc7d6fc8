import { colourNamed, type ColourCode } from '../units/index';
import type { DeviceType, Terminal } from './deviceType';

/** What somebody sees of a device that nobody remembers: its leads and screws by number, colour and print; and other words. */
export interface LeadsSeen {
  /** Coloured leads that come with it; null where nobody counted them. */
  readonly leads: number | null;
  /** Screws and levers. */
  readonly terminals: number | null;
  /** Leads of a colour, at least so many. */
  readonly colours: ReadonlyMap<ColourCode, number>;
  /** Print at a lead or a screw, in capitals. */
  readonly marked: readonly string[];
  /** Words for its name and description, in small letters. */
  readonly words: readonly string[];
}

const NUMBERS: Readonly<Record<string, number>> = {
  ...Object.fromEntries(
    'one two three four five six seven eight nine ten eleven twelve'
      .split(' ')
      .map((word, index) => [word, index + 1]),
  ),
  a: 1,
  an: 1,
};
const LEADS: ReadonlySet<string> = new Set([
  'lead',
  'leads',
  'pigtail',
  'pigtails',
  'wire',
  'wires',
  'tails',
]);
const SCREWS: ReadonlySet<string> = new Set(['terminal', 'terminals', 'screw', 'screws']);
const MARKS: ReadonlySet<string> = new Set(['marked', 'printed', 'labelled', 'called']);
/** Words between what counts. */
const FILLING: ReadonlySet<string> = new Set([
  'of',
  'them',
  'with',
  'and',
  'the',
  'has',
  'it',
  'is',
  'in',
  'my',
  'hand',
]);

const countIn = (word: string | undefined): number | null => {
  if (word === undefined) return null;
  const figure = /^\d{1,2}$/.test(word) ? Number(word) : NUMBERS[word];
  return figure ?? null;
};

/** Reads what is in hand: `six leads, two of them grey, one marked AUX`. What says nothing of leads is a word like any other. */
export function readLeads(text: string): LeadsSeen {
  const tokens = text.split(/[\s,;]+/).filter(Boolean);
  const small = tokens.map((token) => token.toLowerCase());
  const colours = new Map<ColourCode, number>();
  const marked: string[] = [];
  const words: string[] = [];
  let leads: number | null = null;
  let terminals: number | null = null;
  // The last number that was said, and where: nothing but filling words may stand between it and what it counts.
  let said: { readonly count: number; readonly word: string } | null = null;
  const passOver = () => {
    // A number that counted nothing was a word.
    if (said) words.push(said.word);
    said = null;
  };
  for (let i = 0; i < tokens.length; i += 1) {
    const word = small[i]!;
    const colour = colourNamed(word);
    const count = countIn(word);
    if (MARKS.has(word) && tokens[i + 1] !== undefined) {
      marked.push(tokens[i + 1]!.replaceAll(/["“”']/g, '').toUpperCase());
      said = null;
      i += 1;
    } else if (LEADS.has(word)) {
      // `a red lead` is one of its leads, not all of them.
      if (said && !colourNamed(small[i - 1] ?? '')) leads = said.count;
      said = null;
    } else if (SCREWS.has(word)) {
      if (said) terminals = said.count;
      else words.push(word);
      said = null;
    } else if (colour) {
      colours.set(colour, Math.max(colours.get(colour) ?? 0, said?.count ?? 1));
      said = null;
    } else if (count !== null) {
      passOver();
      said = { count, word };
    } else if (!FILLING.has(word)) {
      passOver();
      words.push(word);
    }
  }
  if (said && NUMBERS[said.word] === undefined) passOver();
  return { leads, terminals, colours, marked, words };
}

/** True where something of leads, screws or print was said. */
export const saysTerminals = ({ leads, terminals, colours, marked }: LeadsSeen): boolean =>
  leads !== null || terminals !== null || colours.size > 0 || marked.length > 0;

const isLead = ({ form }: Terminal): boolean => form === 'pigtail';

/** True where a type looks like what is in hand. Its words are looked for in `text`, small letters. */
export function identifyByLeads(type: DeviceType, inHand: LeadsSeen, text: string): boolean {
  const leads = type.terminals.filter(isLead);
  const { colours, marked, words } = inHand;
  return (
    (inHand.leads === null || leads.length === inHand.leads) &&
    (inHand.terminals === null || type.terminals.length - leads.length === inHand.terminals) &&
    [...colours].every(([colour, least]) => leads.filter((lead) => lead.colour === colour).length >= least) &&
    marked.every((print) => type.terminals.some(({ id }) => id.toUpperCase().includes(print))) &&
    words.every((word) => text.includes(word))
  );
}
