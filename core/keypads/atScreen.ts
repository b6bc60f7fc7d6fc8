import { AT_DOOR, type Screen } from '../leaflet/index';
import { answer, toDoor, type Answer, type Keypad } from './answer';
import { perform } from './deeds';
import type { Command, KeypadLanguage, Mode, Stroke } from './language';
import { matchTokens } from './matchTokens';

/** One line of a list: another list, or something to fill in. */
export type Entry = { readonly mode: Mode } | { readonly command: Command };

/** The lines of a list, top to bottom: the lists below it, then what is done in it. */
export const entriesOf = ({ modes }: Pick<KeypadLanguage, 'modes'>, { id, commands }: Mode): Entry[] => [
  ...modes.filter(({ from }) => from === id).map((mode) => ({ mode })),
  ...commands.map((command) => ({ command })),
];

export const titleOf = (entry: Entry): string =>
  'mode' in entry ? entry.mode.title : (entry.command.title ?? entry.command.does);

/** The line that is marked; null at the door, or where the list has none. */
export function markedAt(language: Pick<KeypadLanguage, 'modes'>, { mode, cursor }: Keypad): Entry | null {
  const here = language.modes.find(({ id }) => id === mode);
  return (here && entriesOf(language, here)[cursor]) ?? null;
}

/** One stroke in a menu. */
export function atScreen(language: KeypadLanguage, screen: Screen, before: Keypad, stroke: Stroke): Answer {
  const keypad = { ...before, done: null };
  const marked = markedAt(language, keypad);
  const key = 'key' in stroke ? stroke.key : null;
  if (keypad.chosen && marked && 'command' in marked)
    return key === screen.back
      ? answer(language, { ...keypad, strokes: [], chosen: false }, 'left')
      : filledIn(language, keypad, marked.command, stroke);
  const here = language.modes.find(({ id }) => id === keypad.mode);
  const lines = here ? entriesOf(language, here) : [];
  if (key === screen.back) return back(language, keypad);
  if (key === screen.up || key === screen.down) {
    const step = key === screen.up ? lines.length - 1 : 1;
    return answer(language, { ...keypad, cursor: (keypad.cursor + step) % Math.max(1, lines.length) }, 'key');
  }
  if (key !== screen.ok || !marked) return answer(language, keypad, 'refused');
  return 'mode' in marked
    ? answer(language, { ...keypad, mode: marked.mode.id, cursor: 0 }, 'programming')
    : answer(language, { ...keypad, chosen: true }, 'programming');
}

/** Out of a list: the mark stands on the line it was entered by. */
function back(language: KeypadLanguage, keypad: Keypad): Answer {
  const here = language.modes.find(({ id }) => id === keypad.mode);
  const above = language.modes.find(({ id }) => id === here?.from);
  if (!here || !above || here.from === AT_DOOR) return answer(language, toDoor(keypad), 'left');
  const cursor = entriesOf(language, above).findIndex((entry) => 'mode' in entry && entry.mode === here);
  return answer(language, { ...keypad, mode: above.id, cursor }, 'left');
}

/** What does not fit where it is keyed changes nothing: the field waits on. */
function filledIn(language: KeypadLanguage, keypad: Keypad, command: Command, stroke: Stroke): Answer {
  const strokes = [...keypad.strokes, stroke];
  const match = matchTokens(command.strokes, strokes);
  if (match.kind === 'partial') return answer(language, { ...keypad, strokes }, 'key');
  if (match.kind === 'no') return answer(language, keypad, 'refused');
  const list = { ...keypad, strokes: [], chosen: false };
  const memory = perform(language, keypad.memory, match.fields, command);
  if (!memory) return answer(language, list, 'refused');
  const { slot } = match.fields.digits;
  const done = slot === undefined ? filledSlot(keypad.memory, memory) : Number(slot);
  return answer(language, { ...list, memory, done }, 'stored', null, command.answer);
}

/** The slot that was given, where somebody left the number to the terminal. */
function filledSlot(before: Keypad['memory'], after: Keypad['memory']): number | null {
  const slot = Object.keys(after.slots).find((one) => !before.slots[Number(one)]);
  return slot === undefined ? null : Number(slot);
}
