import { AT_DOOR } from '../leaflet/index';
import { perform, slotOfCard, slotOfCode } from './deeds';
import {
  type KeypadLanguage,
  type Memory,
  type Mode,
  type Reply,
  type ReplyId,
  type Stroke,
  type Token,
} from './language';
import { matchTokens } from './matchTokens';

/** Where people stand before a keypad that nobody programs. */
export { AT_DOOR };

/** A keypad with its memory, as it stands between two strokes. Plain data; time is an argument. */
export interface Keypad {
  readonly memory: Memory;
  /** `AT_DOOR`, or the id of a mode. */
  readonly mode: string;
  /** What it held when programming began: where silence loses all that was keyed, it comes back. */
  readonly before: Memory | null;
  readonly strokes: readonly Stroke[];
  /** When the last stroke fell, ms. */
  readonly lastAt: number;
  readonly wrongTries: number;
  readonly lockedUntil: number;
}

/** What the keypad answers to one stroke. `opened` names the slot that opened the door. */
export interface Answer {
  readonly keypad: Keypad;
  readonly reply: ReplyId;
  /** What it shows and sounds. */
  readonly shows: Reply;
  readonly slot: number | null;
}

export const switchOn = (memory: Memory): Keypad => ({
  memory,
  mode: AT_DOOR,
  before: null,
  strokes: [],
  lastAt: 0,
  wrongTries: 0,
  lockedUntil: 0,
});

const answer = (
  { replies }: KeypadLanguage,
  keypad: Keypad,
  reply: ReplyId,
  slot: number | null = null,
  shows: Reply = replies[reply],
): Answer => ({ keypad, reply, shows, slot });

/** Drops an unfinished entry, and programming mode with it, after the silence the language allows. */
export function passTime(language: KeypadLanguage, keypad: Keypad, now: number): Answer | null {
  const idle = keypad.mode === AT_DOOR && keypad.strokes.length === 0;
  if (idle || now - keypad.lastAt < language.timeoutMs) return null;
  const lost = language.timeoutLoses === 'session' ? keypad.before : null;
  const dropped = { ...keypad, mode: AT_DOOR, before: null, strokes: [], memory: lost ?? keypad.memory };
  return answer(language, dropped, 'timed-out');
}

/** One stroke at the keypad, at this time in ms. */
export function press(language: KeypadLanguage, before: Keypad, stroke: Stroke, now: number): Answer {
  const awake = passTime(language, before, now)?.keypad ?? before;
  const keypad = { ...awake, lastAt: now };
  if (now < keypad.lockedUntil) return answer(language, { ...keypad, strokes: [] }, 'locked-out');
  const strokes = [...keypad.strokes, stroke];
  return keypad.mode === AT_DOOR ? atDoor(language, keypad, strokes, now) : inMode(language, keypad, strokes);
}

/** Modes that are entered from here. */
const modesFrom = ({ modes }: KeypadLanguage, from: string): Mode[] =>
  modes.filter((mode) => mode.from === from);

/** A mode whose way in these strokes are, or begin; with whether the programming code in them is right so far. */
function wayIn(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[]) {
  let begun = false;
  let wrong = false;
  for (const mode of modesFrom(language, keypad.mode)) {
    const match = matchTokens(mode.enter, strokes);
    if (match.kind === 'no') continue;
    const { programming, again = programming } = match.fields.digits;
    const right =
      programming === undefined || (programming === keypad.memory.programmingCode && again === programming);
    if (match.kind === 'partial') begun ||= right || programming === undefined;
    else if (right) return { mode, begun, wrong };
    else wrong = true;
  }
  return { mode: null, begun, wrong };
}

const entered = (language: KeypadLanguage, keypad: Keypad, mode: Mode): Answer => {
  const before = keypad.before ?? keypad.memory;
  return answer(language, { ...keypad, mode: mode.id, before, strokes: [], wrongTries: 0 }, 'programming');
};

function atDoor(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[], now: number): Answer {
  const { mode, begun, wrong } = wayIn(language, keypad, strokes);
  if (mode) return entered(language, keypad, mode);
  const only = strokes.length === 1 ? strokes[0] : undefined;
  if (only && 'card' in only) return judge(language, keypad, slotOfCard(keypad.memory, only.card), now);
  const entry = matchTokens(language.entry, strokes);
  // What begins like a door code and goes on as the way into programming is waited for.
  if (entry.kind === 'complete' && !begun)
    return judge(language, keypad, slotOfCode(keypad.memory, entry.fields.digits.code), now);
  if (wrong || (!begun && entry.kind === 'no' && !couldBegin(language, strokes)))
    return wrongEntry(language, keypad, now);
  return answer(language, { ...keypad, strokes }, 'key');
}

/** True while any way in may still come of these strokes, right or wrong: its end decides. */
const couldBegin = (language: KeypadLanguage, strokes: readonly Stroke[]): boolean =>
  modesFrom(language, AT_DOOR).some(({ enter }) => matchTokens(enter, strokes).kind === 'partial');

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
