import type { ScriptStep } from './scriptStep';
import type { KeypadLanguage, Mode, ReplyId, Stroke } from './language';

/** A line of keys that is about nobody, at a keypad without a screen: whatever else it is stands beside it. */
export const lineOf = (
  { replies }: Pick<KeypadLanguage, 'replies'>,
  purpose: ScriptStep['purpose'],
  { id }: Pick<Mode, 'id'>,
  strokes: readonly Stroke[],
  reply: ReplyId,
): ScriptStep => ({
  purpose,
  mode: id,
  strokes,
  reply,
  shows: replies[reply],
  screen: null,
  asks: [],
  slot: null,
  about: {},
  scrap: false,
});
