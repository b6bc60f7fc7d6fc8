import type { Opening, SituationId } from '../prove/index';
import type { Fault } from './fault';
import type { Outcome } from './outcome';

/** What one fault does to a door. */
export interface FaultResult {
  readonly fault: Fault;
  /** What it makes of each situation. */
  readonly outcomes: ReadonlyMap<SituationId, Outcome>;
  readonly worst: Outcome;
  /** Who gets through in each situation that it touches; in all others it is as at the sound door. Null where one no longer comes about. */
  readonly openings: ReadonlyMap<SituationId, Opening | null>;
  /** Alarms that stand once it has happened and the door has come to rest: somebody is told. */
  readonly alarms: readonly string[];
}

/** How long after it breaks a door is looked at: by then every release by time is over, ms. */
export const UNTIL_QUIET_MS = 120_000;
