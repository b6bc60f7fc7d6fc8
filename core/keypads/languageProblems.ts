import type { SlotContent } from '../plan/index';
import { AT_DOOR, press, switchOn, type Keypad } from './keypad';
import {
  factoryMemory,
  hasProgrammingCode,
  type Example,
  type KeypadLanguage,
  type ReplyId,
  type Stroke,
  type Token,
} from './language';
import { matchTokens } from './matchTokens';
import { strokesOf } from './strokes';

/** What is wrong with a language, or with an example of its leaflet. */
export type LanguageProblem =
  /** Keyed, the one is taken for the other, or ends in the middle of it. */
  | { readonly kind: 'ambiguous'; readonly mode: string; readonly one: string; readonly other: string }
  | {
      readonly kind: 'example';
      readonly index: number;
      readonly answer: ReplyId;
      readonly holds: readonly string[];
    }
  | { readonly kind: 'unreadable-example'; readonly index: number }
  | { readonly kind: 'factory-code' }
  | { readonly kind: 'unknown-mode'; readonly mode: string };

/** Every command keyed in full must be that command and no other; every example must come out as the leaflet says. */
export function languageProblems(language: KeypadLanguage): LanguageProblem[] {
  const { factoryCode, programming, modes } = language;
  const found: LanguageProblem[] = [];
  const fits = /^\d+$/.test(factoryCode) && within(factoryCode, programming);
  if (hasProgrammingCode(language) && !fits) found.push({ kind: 'factory-code' });
  for (const { from } of modes)
    if (from !== AT_DOOR && !modes.some(({ id }) => id === from))
      found.push({ kind: 'unknown-mode', mode: from });
  for (const mode of modes) {
    // At a screen one line is chosen, and keys are for that one alone.
    if (language.screen) continue;
    const phrases: [string, readonly Token[]][] = [
      ['leave', mode.leave],
      ...mode.commands.map(({ does, strokes }): [string, readonly Token[]] => [does, strokes]),
      ...modes
        .filter(({ from }) => from === mode.id)
        .map(({ id, enter }): [string, readonly Token[]] => [id, enter]),
    ];
    phrases.forEach(([one, tokens], index) =>
      phrases.forEach(([other, others], at) => {
        if (at !== index && samples(language, tokens).some((strokes) => begins(others, strokes)))
          found.push({ kind: 'ambiguous', mode: mode.id, one, other });
      }),
    );
  }
  return [...found, ...exampleProblems(language)];
}

const within = (text: string, { least, most }: { least: number; most: number }) =>
  text.length >= least && text.length <= most;

/** A phrase keyed with its shortest and with its longest fields. */
function samples(language: KeypadLanguage, tokens: readonly Token[]): Stroke[][] {
  const cards = [{ facility: 1, number: 7 }];
  return (['least', 'most'] as const).map((length) =>
    tokens.flatMap((token) =>
      'field' in token
        ? [...'7'.repeat(token[length])].map((key): Stroke => ({ key }))
        : strokesOf(language, [token], { cards, finger: '7', name: 'A' }),
    ),
  );
}

/** True where another phrase is complete at the end of these strokes, or before. */
const begins = (tokens: readonly Token[], strokes: readonly Stroke[]): boolean =>
  strokes.some((_, index) => matchTokens(tokens, strokes.slice(0, index + 1)).kind === 'complete');

/** The examples, one after the other, on a stand-in as it comes from the factory. */
function exampleProblems(language: KeypadLanguage): LanguageProblem[] {
  let keypad: Keypad = switchOn(factoryMemory(language));
  return language.examples.flatMap((example, index): LanguageProblem[] => {
    const strokes = exampleStrokes(language, example);
    if (!strokes) return [{ kind: 'unreadable-example', index }];
    let reply: ReplyId = 'key';
    for (const stroke of strokes) ({ keypad, reply } = press(language, keypad, stroke, 0));
    const { slots } = keypad.memory;
    const right = Object.entries(example.holds).every(
      ([slot, said]) => said === inExamples(slots[Number(slot)]),
    );
    return reply === example.answer && right
      ? []
      : [
          {
            kind: 'example',
            index,
            answer: reply,
            holds: Object.entries(slots).map(([slot, one]) => `${slot}: ${inExamples(one)}`),
          },
        ];
  });
}

/** A slot as examples write it: `4711`, `card 12`, `4711 card 12`, or nothing. */
export function inExamples(content: SlotContent | undefined): string {
  if (!content) return '';
  const { code, card, fingers = [], administers, name, output = 1, toggle } = content;
  return [
    code,
    card && `card ${card.number}`,
    ...fingers.map((finger) => `finger ${finger}`),
    administers && 'administrator',
    name,
    output > 1 && `output ${output}`,
    toggle && 'toggle',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Keys as they are, `{card:12}` a card with that number, `{finger:3}` the finger that has that number, `{master+}` and `{master-}`; null where a part is none of these. */
function exampleStrokes(language: KeypadLanguage, { strokes }: Example): Stroke[] | null {
  const keys = new Set(language.keys.flat());
  const made: Stroke[] = [];
  for (const word of strokes.split(/\s+/).filter((part) => part !== '')) {
    const finger = /^\{finger:(\d{1,4})\}$/.exec(word)?.[1];
    const card = /^\{card:(\d{1,9})\}$/.exec(word)?.[1];
    if (card !== undefined) made.push({ card: { facility: 1, number: Number(card) } });
    else if (finger !== undefined) made.push({ finger });
    else if (word === '{master+}') made.push({ master: 'add' });
    else if (word === '{master-}') made.push({ master: 'delete' });
    else if (keys.has(word)) made.push({ key: word });
    else if ([...word].every((key) => keys.has(key))) made.push(...[...word].map((key) => ({ key })));
    else return null;
  }
  return made;
}
