import type { Stand } from '../door/index';
import type { Inhabitant, Needs, Purpose, Stimulus } from '../functions/index';

export type { Needs, Purpose } from '../functions/index';

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
