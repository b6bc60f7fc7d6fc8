import type { Screen } from '../leaflet/index';
import { entriesOf } from './atScreen';
import type { Change } from './changes';
import type { ScriptStep } from './compileScript';
import { AT_DOOR, asksWho, press, switchOn, type Keypad } from './keypad';
import { gathered } from './gathered';
import type { KeypadLanguage, Memory, Mode, Stroke } from './language';
import { matchTokens } from './matchTokens';
import { askedFor, screenOf } from './screenText';
import { strokesOf, type Values } from './strokes';

/** Nobody who is known to administer could show it: no way into the menu. */
export const CLOSED = 'closed';

/**
 * The lines at a terminal with a screen: into the menu, as somebody who administers once there is one; to what is to be filled in, by the
 * fewest keys from wherever the mark stands; what is filled in; and back out. Each with what the screen shows then.
 */
export function screenSteps(
  language: KeypadLanguage,
  screen: Screen,
  memory: Memory,
  changes: readonly Change[],
): ScriptStep[] | typeof CLOSED {
  const count = (order: readonly Change[]) => {
    const steps = stepsInOrder(language, screen, memory, order);
    return steps === CLOSED ? Infinity : steps.reduce((sum, { strokes }) => sum + strokes.length, 0);
  };
  return stepsInOrder(language, screen, memory, gathered(language, memory, changes, count));
}

function stepsInOrder(
  language: KeypadLanguage,
  screen: Screen,
  memory: Memory,
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
    const asks = askedFor(language, keypad, strokes);
    for (const stroke of strokes) keypad = press(language, keypad, stroke, 0).keypad;
    steps.push({
      purpose,
      mode: mode.id,
      strokes,
      reply,
      shows: language.replies[reply],
      screen: screenOf(language, keypad),
      asks,
      slot: null,
      about: {},
      scrap: false,
      ...more,
    });
  };
  for (const { mode, command, values, slot, scrap } of changes) {
    const root = rootOf(language, mode);
    if (keypad.mode === AT_DOOR) {
      const way = letIn(language, root, keypad.memory);
      if (!way) return CLOSED;
      step('enter', root, way.strokes, 'programming', { slot: way.slot, about: way.values });
    }
    const there = entriesOf(language, mode).findIndex((one) => 'command' in one && one.command === command);
    const way = wayTo(language, screen, keypad, mode, there);
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

/** How somebody gets into the menu as it stands now; null where nobody known to administer can show it. */
export function letIn(
  language: KeypadLanguage,
  root: Mode,
  memory: Memory,
): { readonly strokes: readonly Stroke[]; readonly slot: number | null; readonly values: Values } | null {
  if (!asksWho(root, memory)) return { strokes: strokesOf(language, root.enter, {}), slot: null, values: {} };
  for (const [key, held] of Object.entries(memory.slots)) {
    if (!held.administers) continue;
    const slot = Number(key);
    const { code, card, fingers: [finger] = [] } = held;
    const values: Values = {
      slot,
      ...(code === null ? {} : { code }),
      ...(card ? { cards: [card] } : {}),
      ...(finger === undefined || finger === '?' ? {} : { finger }),
    };
    for (const tokens of root.as) {
      const strokes = strokesOf(language, tokens, values);
      if (matchTokens(tokens, strokes).kind === 'complete') return { strokes, slot, values };
    }
  }
  return null;
}

const stateOf = ({ mode, cursor, chosen }: Keypad) => `${mode} ${cursor} ${chosen}`;

/** The fewest keys that open this line of this list, tried on the stand-in; what is open there first is given up. */
function wayTo(
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
