import type { CheckContext } from './context';
import { seek, type Finding, type Found } from './finding';
import { maskedFindings } from './maskedFindings';
import { SEVERITIES } from './kinds';
import { lookOver, runRules } from './runRules';
import { runToEnd } from './runToEnd';
import { vetRemedies } from './vetRemedies';

/** Runs every rule over a solved door, worst first, and looks behind what hides the rest. */
export const runChecks = (context: CheckContext): Finding[] => lookFirst(context).map(seek);

/** The same with no fix searched for yet. */
export function lookFirst(context: CheckContext): Found[] {
  const found = lookOver(context);
  return [...found, ...maskedFindings(context, found, runRules)].sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  );
}

/** These findings of a door with only those remedies that were tried and made nothing worse; stops before each search and trial. */
export function* tryingRemedies(
  context: CheckContext,
  found: readonly Found[],
): Generator<undefined, Finding[]> {
  const findings: Finding[] = [];
  for (const one of found) {
    if (one.sought) yield undefined;
    findings.push(seek(one));
  }
  return yield* vetRemedies(context, findings, runRules);
}

/** The same at one go. */
export const tryRemedies = (context: CheckContext, findings: readonly Finding[]): Finding[] =>
  runToEnd(tryingRemedies(context, findings));

export { checkContext, type CheckContext } from './context';
export type { Finding, Found } from './finding';
export type { Analysis, Violation, Rule } from './violation';
export * from './kinds';
export { FINDING_CODES, RULES, type FindingCode } from './rules/index';
export { STATIONS, type StationId } from './stations';
export { findingKey, toPutRight } from './findingKey';
export { failedCells, standingCells, isWorse, trialsAt, type Judged, type Trial } from './trials';
export { runToEnd } from './runToEnd';
export { runRules } from './runRules';
export { isLatched } from './analyses/latchesAtSupply';
export { asks } from './analyses/acts';
