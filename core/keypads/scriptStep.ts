import type { Deed, Reply, ReplyId, Stroke } from './language';
import type { Asked, ScreenText } from './screenText';
import type { Values } from './strokes';

/** One line of a keying script: strokes to make, and what the keypad should answer to the last of them. */
export interface ScriptStep {
  /** `choose`: to what a screen shows for filling in. */
  readonly purpose: 'enter' | 'choose' | 'leave' | Deed;
  /** The mode that is entered, left or worked in. */
  readonly mode: string;
  readonly strokes: readonly Stroke[];
  readonly reply: ReplyId;
  readonly shows: Reply;
  /** What stands on its screen then, where it has one. */
  readonly screen: ScreenText | null;
  /** What the screen asks for as each stroke is made; empty where there is none. */
  readonly asks: readonly (Asked | null)[];
  readonly slot: number | null;
  /** Whose code or cards it is about, to be told by them. */
  readonly about: Pick<Values, 'slot' | 'code' | 'cards' | 'finger' | 'programming'>;
  /** A slot that cannot be cleared is overwritten with a code that nobody gets. */
  readonly scrap: boolean;
}
