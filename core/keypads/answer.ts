import { AT_DOOR } from '../leaflet/index';
import type { KeypadLanguage, Memory, Reply, ReplyId, Stroke } from './language';

/** A keypad with its memory, as it stands between two strokes. Plain data; time is an argument. */
export interface Keypad {
  readonly memory: Memory;
  /** `AT_DOOR`, or the id of a mode. */
  readonly mode: string;
  /** What it held when programming began: where silence loses all that was keyed, it comes back. */
  readonly before: Memory | null;
  readonly strokes: readonly Stroke[];
  /** At a screen: the line that is marked, whether it is chosen and being filled in, and the slot that was stored last. */
  readonly cursor: number;
  readonly chosen: boolean;
  readonly done: number | null;
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

/** Nobody has begun anything. */
const AT_REST = {
  mode: AT_DOOR,
  before: null,
  strokes: [],
  cursor: 0,
  chosen: false,
  done: null,
} as const;

export const switchOn = (memory: Memory): Keypad => ({
  memory,
  ...AT_REST,
  lastAt: 0,
  wrongTries: 0,
  lockedUntil: 0,
});

/** Out of whatever was begun, back to where people stand. */
export const toDoor = (keypad: Keypad): Keypad => ({ ...keypad, ...AT_REST });

export const answer = (
  { replies }: KeypadLanguage,
  keypad: Keypad,
  reply: ReplyId,
  slot: number | null = null,
  shows: Reply = replies[reply],
): Answer => ({ keypad, reply, shows, slot });
