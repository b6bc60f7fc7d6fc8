import type { Edit } from '../plan/index';
import type { Sought } from './violation';
import type { Basis, FamilyLetter, Severity, Subject } from './kinds';
import type { FindingCode } from './rules/index';
import type { StationId } from './stations';

/** A finding is data; its wording lives in one place outside the core. */
export interface Finding {
  readonly code: FindingCode;
  readonly family: FamilyLetter;
  readonly severity: Severity;
  readonly basis: Basis;
  readonly station: StationId;
  readonly at: readonly Subject[];
  /** Values the wording needs: tags, numbers with their unit in the name. */
  readonly values: Readonly<Record<string, string | number>>;
  /** Seen only with another finding put right: this one hides behind it until then. */
  readonly behind?: FindingCode;
  /** The fix as one click, where one exists. */
  readonly remedy?: Edit;
}

/** A finding whose fix is still to be searched for, where it is a search. */
export interface Found extends Finding {
  readonly sought?: () => Sought;
}

/** The finding with its fix searched for. */
export function seek({ sought, ...finding }: Found): Finding {
  if (!sought) return finding;
  const { values, remedy } = sought();
  return { ...finding, values: { ...finding.values, ...values }, ...(remedy ? { remedy } : {}) };
}
