import * as z from 'zod';
import { innerId, line, whole, word } from '../../fields/index';
import {
  AT_DOOR,
  CODE_RULES,
  DEEDS,
  KEPT_TIMES,
  LIGHTS,
  readNotation,
  REPLY_IDS,
  type Shape,
} from '../../leaflet/index';
import type { Frozen } from '../../fields/index';

const length = z
  .strictObject({ least: whole(1, 12), most: whole(1, 12) })
  .refine(({ least, most }) => least <= most, 'must not be longer at least than at most');

const digits = z.string().regex(/^\d{1,12}$/, 'must be 1 to 12 digits');
/** Strokes as they are typed; whether they can be read is said of the whole leaflet. */
const strokes = line(400);

const reply = z.strictObject({ beeps: whole(0, 9), long: z.boolean(), light: z.enum(LIGHTS) });

const command = z.strictObject({
  does: z.enum(DEEDS),
  /** What a screen calls it. */
  title: line(40, 1).optional(),
  strokes,
  /** Which time it sets. */
  time: z.enum(KEPT_TIMES).optional(),
  /** Which output it works, where not the first; whether that stays as it is until the code is given again. */
  output: whole(1, 8).optional(),
  toggle: z.boolean().optional(),
  /** What it answers, where that differs from the usual. */
  answer: reply.optional(),
});

const mode = z.strictObject({
  id: word(40),
  title: line(40).default(''),
  from: word(40).default(AT_DOOR),
  /** Empty where it is chosen on a screen. */
  enter: strokes.default(''),
  /** Ways for an administrator to show who they are, once there is one. */
  as: z.array(strokes).max(6).default([]),
  leave: strokes.default(''),
  commands: z.array(command).max(60),
});

const key = line(8, 1);
const screen = z.strictObject({ up: key, down: key, ok: key, back: key, rows: whole(1, 20) });

const shape = z.strictObject({
  id: innerId(),
  version: whole(1, 1_000_000).default(1),
  name: line(120, 1),
  /** Rows of keys as they stand on the keypad. */
  keys: z.array(z.array(key).min(1).max(8)).min(1).max(12),
  screen: screen.nullable().default(null),
  /** Empty where no code lets anybody into programming. */
  factoryCode: z.string().regex(/^\d{0,12}$/, 'must be up to 12 digits'),
  timeoutMs: whole(1000, 600_000),
  timeoutLoses: z.enum(['line', 'session']),
  programming: length,
  code: length,
  rules: z.array(z.enum(CODE_RULES)).max(CODE_RULES.length).default([]),
  reserved: z.array(digits).max(200).default([]),
  slots: z
    .strictObject({ first: whole(0, 99_999), last: whole(0, 99_999), digits: whole(1, 5) })
    .refine(({ first, last }) => first <= last, 'must not end before they begin')
    .refine(({ last, digits: most }) => String(last).length <= most, 'have numbers longer than their digits')
    .nullable(),
  capacity: whole(1, 100_000),
  lockout: z.strictObject({ tries: whole(0, 100), ms: whole(0, 86_400_000) }),
  entry: strokes,
  modes: z.array(mode).min(1).max(12),
  resets: z
    .array(
      z.strictObject({
        by: z.enum(['power-up', 'contact']),
        how: line(300, 1),
        wipes: z.enum(['all', 'settings']),
      }),
    )
    .max(6)
    .default([]),
  replies: z.record(z.enum(REPLY_IDS), reply),
  /** Lines of the leaflet with what comes of them: tried whenever the language is. */
  examples: z
    .array(
      z.strictObject({
        strokes,
        answer: z.enum(REPLY_IDS),
        holds: z.record(z.string().regex(/^(0|[1-9]\d{0,4})$/), line(60)).default({}),
      }),
    )
    .max(60)
    .default([]),
});

type Spot = readonly (string | number)[];

/**
 * A keypad's programming language as its leaflet reads: whatever is keyed is text in the notation. What is taken in can be read: every
 * key is on the keypad, every field has a length, every mode is entered from one that is there.
 */
export const languageSchema = shape.superRefine((leaflet, context) => {
  const say = (path: Spot, message: string) => context.addIssue({ code: 'custom', path: [...path], message });
  const keys = leaflet.keys.flat();
  if (new Set(keys).size < keys.length) say(['keys'], 'name a key twice');
  if (keys.some((key) => /[\s{}]/u.test(key))) say(['keys'], 'must not hold blanks or braces');
  if (
    leaflet.modes.some(({ enter }) => enter.includes('{programming')) &&
    !within(leaflet.factoryCode.length, leaflet.programming)
  )
    say(['factoryCode'], 'is not as long as a programming code');
  for (const { path, text } of notations(leaflet)) {
    const read = readNotation(text, leaflet satisfies Shape);
    if (!read.ok) say(path, `cannot be read at “${read.word}”: ${PROBLEMS[read.problem]}`);
    else if (read.tokens.length === 0 && !mayBeEmpty(leaflet, path)) say(path, 'is empty');
  }
  atScreen(leaflet, say);
  const ids = leaflet.modes.map(({ id }) => id);
  leaflet.modes.forEach(({ id, from }, index) => {
    if (id === AT_DOOR || ids.indexOf(id) < index) say(['modes', index, 'id'], 'stands twice');
    if (from !== AT_DOOR && ids.indexOf(from) < 0) say(['modes', index, 'from'], 'is no state that is there');
    // From each mode one comes back to the door, step by step.
    if (from !== AT_DOOR && ids.indexOf(from) >= index)
      say(['modes', index, 'from'], 'must stand above the state that is entered from it');
  });
});

const within = (count: number, { least, most }: { readonly least: number; readonly most: number }) =>
  count >= least && count <= most;

/** At a screen the lists below the first are chosen, and all are left by going back. */
const mayBeEmpty = ({ screen: has, modes }: Leaflet, [part, index, which]: Spot): boolean =>
  has !== null &&
  part === 'modes' &&
  (which === 'leave' || (which === 'enter' && modes[Number(index)]?.from !== AT_DOOR));

/** Whatever stands on a screen has a name, its keys are there, and no list is without a line. */
function atScreen(leaflet: Leaflet, say: (path: Spot, message: string) => void): void {
  const { screen: has, keys, modes, slots } = leaflet;
  modes.forEach(({ commands }, index) =>
    commands.forEach(({ does }, at) => {
      if (does === 'new-user' && !slots)
        say(['modes', index, 'commands', at, 'does'], 'needs numbered slots');
    }),
  );
  if (!has) return;
  const moves = ['up', 'down', 'ok', 'back'] as const;
  for (const move of moves)
    if (!keys.flat().includes(has[move])) say(['screen', move], 'is no key that the keypad has');
  if (new Set(moves.map((move) => has[move])).size < moves.length) say(['screen'], 'names a key twice');
  modes.forEach(({ id, title, commands }, index) => {
    if (title === '') say(['modes', index, 'title'], 'is empty: what does the screen call it');
    if (commands.length === 0 && !modes.some(({ from }) => from === id))
      say(['modes', index, 'commands'], 'are none: its list would have no line');
    commands.forEach((one, at) => {
      if (one.title === undefined)
        say(['modes', index, 'commands', at, 'title'], 'is empty: what does the screen call it');
    });
  });
}

const PROBLEMS = {
  'no-screen': 'only a screen asks for that',
  'unknown-field': 'there is no such field',
  'no-such-key': 'the keypad has no such key',
  'no-length': 'its length is not known: write it behind a colon',
} as const;

/** Every text of a leaflet that is in the notation, with its spot. */
export const notations = (
  leaflet: Pick<Leaflet, 'entry' | 'modes'>,
): { readonly path: Spot; readonly text: string }[] => [
  { path: ['entry'], text: leaflet.entry },
  ...leaflet.modes.flatMap(({ enter, as, leave, commands }, index) => [
    { path: ['modes', index, 'enter'], text: enter },
    ...as.map((text, at) => ({ path: ['modes', index, 'as', at], text })),
    { path: ['modes', index, 'leave'], text: leave },
    ...commands.map((one, at) => ({ path: ['modes', index, 'commands', at, 'strokes'], text: one.strokes })),
  ]),
];

export type Leaflet = Frozen<z.output<typeof shape>>;
