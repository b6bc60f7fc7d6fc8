import type { Alarm, LockStatus } from '../simulate/index';

export type SituationId =
  | 'rest'
  | 'credential'
  | 'wrong-credential'
  | 'exit'
  | 'left-open'
  | 'forced'
  | 'mains-off'
  | 'battery-low'
  | 'dead'
  | 'fire'
  | 'fire-burnt'
  | 'fire-reset'
  | 'break-glass'
  | 'break-glass-reset'
  | 'controller-hung'
  | 'controller-dead'
  | 'network-lost'
  | 'lockdown'
  | 'partner-open';

export type Side = 'outside' | 'inside';

/** What must be so: the way must be open, must be shut, or either is right. `freely` asks for no act at all. */
export type Expectation = 'must' | 'must-freely' | 'must-not' | 'may';

/** One way through the door that was tried in a situation. */
export type Means =
  | { readonly kind: 'lever' }
  | { readonly kind: 'unlocked' }
  | { readonly kind: 'exit'; readonly tag: string }
  | { readonly kind: 'break-glass'; readonly tag: string };

/** Why a cell cannot be proven. */
export type Missing =
  | { readonly kind: 'no-lock' }
  /** An operator alone moves the leaf, and the plan does not say whether a hand can. */
  | { readonly kind: 'leaf-by-hand' }
  | { readonly kind: 'no-dead-state' }
  | { readonly kind: 'brief'; readonly question: 'mechanicalEgress' | 'rescuers' | 'escapeRoute' }
  | { readonly kind: 'weak-lock'; readonly tag: string; readonly volts: number }
  | { readonly kind: 'restless' }
  | { readonly kind: 'no-fire-release' }
  | { readonly kind: 'no-battery' };

export interface Cell {
  readonly expectation: Expectation;
  readonly got: 'possible' | 'impossible' | 'unsure';
  readonly verdict: 'pass' | 'fail' | 'not-proven';
  /** Ways that work (from inside); tried in vain otherwise. */
  readonly works: readonly Means[];
  readonly tried: readonly Means[];
  readonly missing: readonly Missing[];
}

/** A step of a current's way, in labels of the door. */
export type PathLabel =
  | { readonly kind: 'wire'; readonly number: string }
  | { readonly kind: 'part'; readonly tag: string; readonly from: string; readonly to: string };

export interface ProofRow {
  readonly situation: SituationId;
  readonly cells: Readonly<Record<Side, Cell>>;
  readonly locks: readonly LockStatus[];
  /** Way of the first lock's current; empty where none flows. */
  readonly path: readonly PathLabel[];
  /** Contacts of the lock's loop that are open here although closed at rest. */
  readonly opened: readonly PathLabel[];
  readonly alarms: readonly Alarm[];
}

export interface Proof {
  readonly rows: readonly ProofRow[];
}
