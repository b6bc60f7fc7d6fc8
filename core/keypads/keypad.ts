import { AT_DOOR } from '../leaflet/index';
import { answer, toDoor, type Answer, type Keypad } from './answer';
import { atScreen } from './atScreen';
import { perform, slotOfCard, slotOfEntry, slotOfFinger } from './deeds';
import { type KeypadLanguage, type Memory, type Mode, type Stroke, type Token } from './language';
import { matchTokens, type Fields } from './matchTokens';

/** Where people stand before a keypad that nobody programs. */
export { AT_DOOR };
export { switchOn, type Answer, type Keypad } from './answer';

/** Drops an unfinished entry, and programming mode with it, after the silence the language allows. */
export function passTime(language: KeypadLanguage, keypad: Keypad, now: number): Answer | null {
  const idle = keypad.mode === AT_DOOR && keypad.strokes.length === 0;
  if (idle || now - keypad.lastAt < language.timeoutMs) return null;
  const lost = language.timeoutLoses === 'session' ? keypad.before : null;
  return answer(language, { ...toDoor(keypad), memory: lost ?? keypad.memory }, 'timed-out');
}

/** One stroke at the keypad, at this time in ms. */
export function press(language: KeypadLanguage, before: Keypad, stroke: Stroke, now: number): Answer {
  const awake = passTime(language, before, now)?.keypad ?? before;
  const keypad = { ...awake, lastAt: now };
  if (now < keypad.lockedUntil) return answer(language, { ...keypad, strokes: [] }, 'locked-out');
  const strokes = [...keypad.strokes, stroke];
  const { screen } = language;
  if (screen && keypad.mode !== AT_DOOR) return atScreen(language, screen, keypad, stroke);
  if (screen && 'key' in stroke && stroke.key === screen.back)
    return answer(language, toDoor(keypad), 'left');
  return keypad.mode === AT_DOOR ? atDoor(language, keypad, strokes, now) : inMode(language, keypad, strokes);
}

/** Modes that are entered from here. */
const modesFrom = ({ modes }: KeypadLanguage, from: string): Mode[] =>
  modes.filter((mode) => mode.from === from);

/** Whoever administers, by what they are known; a code that is asked for with a number is good with that one alone. */
function administersBy(memory: Memory, fields: Fields): boolean {
  const { digits, cards, finger } = fields;
  const [card] = cards;
  const slot = finger
    ? slotOfFinger(memory, finger)
    : card
      ? slotOfCard(memory, card)
      : slotOfEntry(memory, digits);
  return slot !== null && memory.slots[slot]?.administers === true;
}

/** Whether a menu asks who one is: once somebody administers it. */
export const asksWho = ({ as }: Pick<Mode, 'as'>, memory: Memory): boolean =>
  as.length > 0 && Object.values(memory.slots).some(({ administers }) => administers);

/** The ways into a mode as it stands, each with whether what was keyed is right, or was so far. */
function waysInto(
  mode: Mode,
  memory: Memory,
): { readonly tokens: readonly Token[]; isRight(fields: Fields, whole: boolean): boolean }[] {
  if (asksWho(mode, memory))
    return mode.as.map((tokens) => ({
      tokens,
      isRight: (fields, whole) => !whole || administersBy(memory, fields),
    }));
  return [
    {
      tokens: mode.enter,
      isRight: ({ digits: { programming, again = programming } }) =>
        programming === undefined || (programming === memory.programmingCode && again === programming),
    },
  ];
}

/** A mode whose way in these strokes are, or begin; with whether the programming code in them is right so far. */
function wayIn(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[]) {
  let begun = false;
  let wrong = false;
  for (const mode of modesFrom(language, keypad.mode))
    for (const { tokens, isRight } of waysInto(mode, keypad.memory)) {
      const match = matchTokens(tokens, strokes);
      if (match.kind === 'no') continue;
      const right = isRight(match.fields, match.kind === 'complete');
      if (match.kind === 'partial') begun ||= right;
      else if (right) return { mode, begun, wrong };
      else wrong = true;
    }
  return { mode: null, begun, wrong };
}

const entered = (language: KeypadLanguage, keypad: Keypad, mode: Mode): Answer => {
  const before = keypad.before ?? keypad.memory;
  const inside = { ...keypad, mode: mode.id, before, strokes: [], cursor: 0, wrongTries: 0 };
  return answer(language, inside, 'programming');
};

function atDoor(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[], now: number): Answer {
  const { mode, begun, wrong } = wayIn(language, keypad, strokes);
  if (mode) return entered(language, keypad, mode);
  const only = strokes.length === 1 ? strokes[0] : undefined;
  if (only && 'card' in only) return judge(language, keypad, slotOfCard(keypad.memory, only.card), now);
  if (only && 'finger' in only) return judge(language, keypad, slotOfFinger(keypad.memory, only.finger), now);
  const entry = matchTokens(language.entry, strokes);
  // What begins like a door code and goes on as the way into programming is waited for.
  if (entry.kind === 'complete' && !begun)
    return judge(language, keypad, slotOfEntry(keypad.memory, entry.fields.digits), now);
  if (wrong || (!begun && entry.kind === 'no' && !couldBegin(language, strokes)))
    return wrongEntry(language, keypad, now);
  return answer(language, { ...keypad, strokes }, 'key');
}

/** True while any way in may still come of these strokes, right or wrong: its end decides. */
const couldBegin = (language: KeypadLanguage, strokes: readonly Stroke[]): boolean =>
  modesFrom(language, AT_DOOR).some(({ enter, as }) =>
    [enter, ...as].some((tokens) => matchTokens(tokens, strokes).kind === 'partial'),
  );

function judge(language: KeypadLanguage, keypad: Keypad, slot: number | null, now: number): Answer {
  if (slot === null) return wrongEntry(language, keypad, now);
  return answer(language, { ...keypad, strokes: [], wrongTries: 0 }, 'opened', slot);
}

function wrongEntry(language: KeypadLanguage, keypad: Keypad, now: number): Answer {
  const wrongTries = keypad.wrongTries + 1;
  if (wrongTries < language.lockout.tries)
    return answer(language, { ...keypad, strokes: [], wrongTries }, 'refused');
  const lockedUntil = now + language.lockout.ms;
  return answer(language, { ...keypad, strokes: [], wrongTries: 0, lockedUntil }, 'locked-out');
}

function inMode(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[]): Answer {
  const here = language.modes.find(({ id }) => id === keypad.mode);
  const refused = answer(language, { ...keypad, strokes: [] }, 'refused');
  if (!here) return refused;
  const matches = (tokens: readonly Token[]) => matchTokens(tokens, strokes);
  const leave = matches(here.leave);
  if (leave.kind === 'complete') {
    const out = { ...keypad, mode: here.from, strokes: [] };
    return answer(language, here.from === AT_DOOR ? { ...out, before: null } : out, 'left');
  }
  const { mode, begun } = wayIn(language, keypad, strokes);
  if (mode) return entered(language, keypad, mode);
  let partial = begun || leave.kind === 'partial';
  for (const command of here.commands) {
    const match = matches(command.strokes);
    if (match.kind === 'complete') {
      const memory = perform(language, keypad.memory, match.fields, command);
      return memory
        ? answer(language, { ...keypad, memory, strokes: [] }, 'stored', null, command.answer)
        : refused;
    }
    partial ||= match.kind === 'partial';
  }
  return partial ? answer(language, { ...keypad, strokes }, 'key') : refused;
}
