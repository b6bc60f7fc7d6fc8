import type { Screen } from '../leaflet/index';
import { entriesOf } from './atScreen';
import type { Change } from './changes';
import type { ScriptStep } from './scriptStep';
import { AT_DOOR, asksWho, press, switchOn, type Keypad } from './keypad';
import { mergedCommands } from './mergedCommands';
import type { KeypadLanguage, Memory, Mode, Stroke } from './language';
import { matchTokens } from './matchTokens';
import { askedFor, screenOf } from './screenText';
import { lineOf } from './scriptLine';
import { strokesOf, type Values } from './strokes';

/** Nobody who is known to administer could show it: no way into the menu. */
export const CLOSED = 'closed';

/**
 * The lines at a terminal with a screen: into the menu, as somebody who administers once there is one; to what is to be filled in, by the
 * fewest keys from wherever the mark stands; what is filled in; and back out. Each with what the screen shows then. `nth`: which of the
 * ways in, where there are several.
 */
export function screenSteps(
  language: KeypadLanguage,
  screen: Screen,
  memory: Memory,
  changes: readonly Change[],
  nth: number,
): ScriptStep[] | typeof CLOSED {
  return stepsInOrder(
    language,
    screen,
    memory,
    nth,
    mergedCommands(language, memory, changes, (order) => movesOf(language, screen, order)),
  );
}

/** Keys that lead from one to the next of these; what is filled in is the same in any order. */
function movesOf(language: KeypadLanguage, screen: Screen, changes: readonly Change[]): number {
  let sum = 0;
  let keypad: Keypad | null = null;
  for (const { mode, command } of changes) {
    const from: Keypad = keypad ?? { ...NOBODY, mode: rootOf(language, mode).id };
    const line = placeOf(language, mode, command);
    sum += wayTo(language, screen, from, mode, line)?.length ?? Infinity;
    keypad = { ...NOBODY, mode: mode.id, cursor: line };
  }
  return sum;
}
const NOBODY = switchOn({ programmingCode: '', slots: {}, times: {} });

const placeOf = (language: KeypadLanguage, mode: Mode, command: Change['command']): number =>
  entriesOf(language, mode).findIndex((one) => 'command' in one && one.command === command);

function stepsInOrder(
  language: KeypadLanguage,
  screen: Screen,
  memory: Memory,
  nth: number,
  changes: readonly Change[],
): ScriptStep[] | typeof CLOSED {
  const steps: ScriptStep[] = [];
  let keypad = switchOn(memory);
  const step = (
    purpose: ScriptStep['purpose'],
    mode: Mode,
    strokes: readonly Stroke[],
    reply: ScriptStep['reply'],
    more: Partial<ScriptStep> = {},
  ) => {
    const { asks, keypad: after } = askedFor(language, keypad, strokes);
    keypad = after;
    const line = lineOf(language, purpose, mode, strokes, reply);
    steps.push({ ...line, screen: screenOf(language, keypad), asks, ...more });
  };
  for (const { mode, command, values, slot, scrap } of changes) {
    const root = rootOf(language, mode);
    if (keypad.mode === AT_DOOR) {
      const ways = waysIn(language, root, keypad.memory);
      const way = ways[nth % Math.max(1, ways.length)];
      if (!way) return CLOSED;
      step('enter', root, way.strokes, 'programming', { slot: way.slot, about: way.values });
    }
    const way = wayTo(language, screen, keypad, mode, placeOf(language, mode, command));
    if (!way) return CLOSED;
    step('choose', mode, way, 'programming');
    step(command.does, mode, strokesOf(language, command.strokes, values), 'stored', {
      shows: command.answer ?? language.replies.stored,
      slot,
      about: values,
      scrap,
    });
  }
  const here = language.modes.find(({ id }) => id === keypad.mode);
  if (here) step('leave', here, waysOut(language, screen, keypad), 'left');
  return steps;
}

const rootOf = (language: KeypadLanguage, mode: Mode): Mode => {
  const above = language.modes.find(({ id }) => id === mode.from);
  return above ? rootOf(language, above) : mode;
};

/** A way into a menu, and whose it is. */
interface WayIn {
  readonly strokes: readonly Stroke[];
  readonly slot: number | null;
  readonly values: Values;
}

/** Every way into the menu as it stands now; none where nobody known to administer can show anything. */
export function waysIn(language: KeypadLanguage, root: Mode, memory: Memory): WayIn[] {
  if (!asksWho(root, memory))
    return [{ strokes: strokesOf(language, root.enter, {}), slot: null, values: {} }];
  return Object.entries(memory.slots).flatMap(([key, { administers, code, card, fingers = [] }]) => {
    if (!administers) return [];
    const finger = fingers.find((one) => one !== '?');
    const slot = Number(key);
    const values: Values = {
      slot,
      ...(code === null ? {} : { code }),
      ...(card ? { cards: [card] } : {}),
      ...(finger === undefined ? {} : { finger }),
    };
    return root.as.flatMap((tokens): WayIn[] => {
      const strokes = strokesOf(language, tokens, values);
      return matchTokens(tokens, strokes).kind === 'complete' ? [{ strokes, slot, values }] : [];
    });
  });
}

const stateOf = ({ mode, cursor, chosen }: Keypad) => `${mode} ${cursor} ${chosen}`;

/** Ways that were found, by where the mark stood and where it was to go: what is stored makes no difference to them. */
const ways = new WeakMap<KeypadLanguage, Map<string, readonly Stroke[] | null>>();

/** The fewest keys that open this line of this list, tried on the stand-in; what is open there first is given up. */
function wayTo(
  language: KeypadLanguage,
  screen: Screen,
  from: Keypad,
  mode: Mode,
  line: number,
): readonly Stroke[] | null {
  const known = ways.get(language) ?? new Map<string, readonly Stroke[] | null>();
  ways.set(language, known);
  const key = `${stateOf(from)} to ${mode.id} ${line}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  const way = searchWay(language, screen, from, mode, line);
  known.set(key, way);
  return way;
}

function searchWay(
  language: KeypadLanguage,
  { up, down, ok, back }: Screen,
  from: Keypad,
  mode: Mode,
  line: number,
): Stroke[] | null {
  const open: { readonly keypad: Keypad; readonly strokes: Stroke[] }[] = [{ keypad: from, strokes: [] }];
  const seen = new Set([stateOf(from)]);
  for (const { keypad, strokes } of open) {
    if (keypad.chosen && keypad.mode === mode.id && keypad.cursor === line) return strokes;
    for (const key of keypad.chosen ? [back] : [ok, down, up, back]) {
      const next = press(language, keypad, { key }, 0).keypad;
      if (next.mode === AT_DOOR || seen.has(stateOf(next))) continue;
      seen.add(stateOf(next));
      open.push({ keypad: next, strokes: [...strokes, { key }] });
    }
  }
  return null;
}

/** Back, as often as it takes. */
function waysOut(language: KeypadLanguage, { back }: Screen, from: Keypad): Stroke[] {
  const strokes: Stroke[] = [];
  for (let keypad = from; keypad.mode !== AT_DOOR && strokes.length < 40; strokes.push({ key: back }))
    keypad = press(language, keypad, { key: back }, 0).keypad;
  return strokes;
}
