import type { Adjusted, Expectation, Side, SituationId } from '../plan/index';
import type { Alarm, LockStatus } from '../simulate/index';
import type { LineReading } from './panelLines';

export type { Expectation, Side, SituationId } from '../plan/index';

/** One way through the door that was tried in a situation. */
export type Means =
  | { readonly kind: 'lever' }
  /** A key from outside, whatever the power does. */
  | { readonly kind: 'key' }
  | { readonly kind: 'unlocked' }
  | { readonly kind: 'exit'; readonly tag: string }
  /** A push that is answered when a delay is over, ms. */
  | { readonly kind: 'delayed'; readonly tag: string; readonly after: number }
  | { readonly kind: 'break-glass'; readonly tag: string };

/** Why a cell cannot be proven. */
export type Missing =
  | { readonly kind: 'no-lock' }
  /** An operator alone moves the leaf, and the plan does not say whether a hand can. */
  | { readonly kind: 'leaf-by-hand' }
  /** Nothing at the door takes a card or a code. */
  | { readonly kind: 'no-entry' }
  | { readonly kind: 'no-dead-state' }
  | {
      readonly kind: 'brief';
      readonly question:
        | 'mechanicalEgress'
        | 'rescuers'
        | 'escapeRoute'
        | 'keyOverride'
        | 'ownLatch'
        | 'bothLeaves'
        | 'delayedEgress';
    }
  | { readonly kind: 'leaf-without-lock' }
  | { readonly kind: 'weak-lock'; readonly tag: string; readonly volts: number }
  | { readonly kind: 'restless' }
  | { readonly kind: 'no-fire-release' }
  | { readonly kind: 'no-battery' }
  /** Somebody asks for less of a way through than follows from the brief, and what follows from it is not met. */
  | { readonly kind: 'asked-less'; readonly reason: string };

/** When a door is no longer as it is asked for, and by whose doing. */
export interface Breaks {
  /** Milliseconds after the situation has come about. */
  readonly after: number;
  /** Tag of what somebody outside does it at, with bare hands; null where it goes so by itself. */
  readonly by: string | null;
  /** Tag of the device whose time is over at that moment; null where it is so at once. */
  readonly timer: string | null;
}

export interface Cell {
  readonly expectation: Expectation;
  /** What somebody wants otherwise than it follows from the brief; null where nobody does. */
  readonly adjusted: Adjusted | null;
  readonly got: 'possible' | 'impossible' | 'unsure';
  readonly verdict: 'pass' | 'fail' | 'not-proven';
  /** Ways that work (from inside); tried in vain otherwise. */
  readonly works: readonly Means[];
  readonly tried: readonly Means[];
  readonly missing: readonly Missing[];
  /** A fire door whose leaf nothing latches, where that is asked: it fails, whoever gets through. */
  readonly unlatched: boolean;
  /** Rescuers must get in, and nothing opens a locked door from outside: it fails. */
  readonly noWayIn: boolean;
  /** The second leaf is held where both must open: it fails. */
  readonly halfWidth: boolean;
  /** The first moment at which it is otherwise than asked for; null where it holds all along, or never was so. */
  readonly breaks: Breaks | null;
}

/** A step of a current's way, in labels of the door. */
export type PathLabel =
  | { readonly kind: 'wire'; readonly number: string }
  | { readonly kind: 'part'; readonly tag: string; readonly from: string; readonly to: string };

/** A situation as one device brings it about: each reader, each exit, each break glass is tried for itself. */
export interface TriedAt {
  readonly tag: string;
  readonly cells: Readonly<Record<Side, Cell>>;
}

/** What happens by itself after a situation has come about: milliseconds from then. */
export interface Later {
  readonly after: number;
  readonly hold: 'free' | 'held' | 'weak' | 'no-lock';
  readonly alarms: readonly Alarm[];
}

export interface ProofRow {
  readonly situation: SituationId;
  /** Device at which it was brought about, the worst of several; null where it is done nowhere in particular. */
  readonly at: string | null;
  /** Every device at which it can be brought about, where there are several. */
  readonly each: readonly TriedAt[];
  readonly cells: Readonly<Record<Side, Cell>>;
  readonly locks: readonly LockStatus[];
  /** Way of the first lock's current; empty where none flows. */
  readonly path: readonly PathLabel[];
  /** Contacts of the lock's loop that are open here although closed at rest. */
  readonly opened: readonly PathLabel[];
  readonly alarms: readonly Alarm[];
  /** What each watched alarm line reads then. */
  readonly lines: readonly { readonly tag: string; readonly reads: LineReading }[];
  /** How it goes on while nobody does anything: each change of the lock and of alarms. */
  readonly later: readonly Later[];
}

export interface Proof {
  readonly rows: readonly ProofRow[];
}
