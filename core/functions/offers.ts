import type { FunctionKind, FunctionOf } from './schemas';
import type { Inhabitant } from './inhabitant';
import type { Stimulus } from './stimulus';

/** What somebody must have to do a thing: nothing but a hand, a card or code on the list, a key, a place at the fire panel. */
export type Needs = 'nothing' | 'right' | 'key' | 'panel';

/** What a thing is done for. */
export type Purpose = 'enter' | 'leave' | 'emergency' | 'call' | 'rearm' | 'other';

/** One thing that a device offers people to do. */
export interface Offer {
  /** Tells it from every other: `press:D01/X1`. */
  readonly id: string;
  readonly stimulus: Stimulus;
  /** What undoes it; left out for what ends by itself. */
  readonly undo?: Stimulus;
  readonly needs: Needs;
  readonly purpose: Purpose;
}

/** What people can do at a device by what a function of it is there for. */
export type Offers<K extends FunctionKind> = (spec: FunctionOf<K>, self: Inhabitant) => readonly Offer[];
