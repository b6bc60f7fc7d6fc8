import type { Stand } from '../door/index';
import type { Inhabitant, Stimulus } from '../simulate/index';

/** What somebody must have to do a thing: nothing but a hand, a card or code on the list, a key, a place at the fire panel. */
export type Needs = 'nothing' | 'right' | 'key' | 'panel';

/** What a thing is done for. */
export type Purpose = 'enter' | 'leave' | 'emergency' | 'call' | 'other';

/** One thing that a person can do at one device. */
export interface Act {
  /** Tells it from every other of its door: `press:D01/X1`. */
  readonly id: string;
  readonly at: Inhabitant;
  readonly stimulus: Stimulus;
  /** What undoes it; null for what ends by itself. */
  readonly undo: Stimulus | null;
  readonly needs: Needs;
  readonly purpose: Purpose;
  /** On which side of its own door whoever does it stands. */
  readonly stand: Stand;
}
