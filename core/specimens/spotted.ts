import type { FindingCode, Severity } from '../checks/index';
import type { Edit, Plan } from '../plan/index';

/** A mistake that only the circuit gives away: what must be found, how bad, and on which thing. */
export interface SpottedMistake {
  readonly code: FindingCode;
  readonly severity: Severity;
  /** Id of a wire, terminal or device that the finding must be about, without its door; `W02`, `K1.NO`, `L1`. */
  readonly at: string;
  readonly what: string;
  readonly make: () => Plan;
  readonly edits: (plan: Plan) => Edit[];
  /** Door it is found at, D01 where nothing is said. */
  readonly door?: string;
}

export const spotted = (
  code: FindingCode,
  severity: Severity,
  at: string,
  what: string,
  make: () => Plan,
  edits: (plan: Plan) => Edit[],
  door = 'D01',
): SpottedMistake => ({ code, severity, at, what, make, edits, door });
