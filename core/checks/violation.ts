import type { Edit } from '../plan/index';
import type { CheckContext } from './context';
import type { Basis, FamilyLetter, Severity, Subject } from './kinds';
import type { StationId } from './stations';

/** What an analysis came upon: which rule it breaks, where, and with which numbers. */
export interface Violation {
  readonly code: string;
  readonly at: readonly Subject[];
  /** Values the wording needs: tags, numbers with their unit in the name. */
  readonly values: Readonly<Record<string, string | number>>;
  /** Where this one is worse or milder than the rule is usually. */
  readonly severity?: Severity;
  /** The fix as one click, where one is thought of. It is tried before it is offered. */
  readonly remedy?: Edit;
  /** More values and a fix that have to be searched for: what is wrong can be said without them. */
  readonly sought?: () => Sought;
}

/** What a search for a fix came to. */
export interface Sought {
  readonly values: Violation['values'];
  readonly remedy?: Edit;
}

/**
 * Looks at the solved door in one way, at no more of it than it names. Pure; several rules may share one, which then runs
 * once.
 */
export type Analysis<Seen extends keyof CheckContext = keyof CheckContext> = (
  context: Pick<CheckContext, Seen>,
) => readonly Violation[];

/** A rule: what it is called, how bad it is, what stands behind it, where it is settled, and how it is found. */
export interface Rule<Code extends string = string> {
  readonly code: Code;
  readonly family: FamilyLetter;
  readonly station: StationId;
  readonly severity: Severity;
  readonly basis: Basis;
  readonly find: Analysis;
}

/** Describes a rule and keeps its code as a literal. */
export const rule = <const Code extends string>(description: Rule<Code>): Rule<Code> => description;

/** Makes a hit without repeating its keys. */
export const violation = (
  code: string,
  at: Violation['at'],
  values: Violation['values'] = {},
  rest: Pick<Violation, 'severity' | 'remedy' | 'sought'> = {},
): Violation => ({ code, at, values, ...rest });
