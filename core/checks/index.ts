import type { CheckContext } from './context';
import type { Finding } from './finding';
import { hiddenBehind } from './hidden';
import { SEVERITIES } from './kinds';
import { runRules } from './runRules';
import { vetRemedies } from './vetRemedies';

/** Runs every rule over a solved door, worst first, and looks behind what hides the rest. */
export function runChecks(context: CheckContext): Finding[] {
  const found = runRules(context);
  return [...found, ...hiddenBehind(context, found, runRules)].sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  );
}

/** These findings of a door with only those remedies that were tried and made nothing worse. */
export const tryRemedies = (context: CheckContext, findings: readonly Finding[]): Finding[] =>
  vetRemedies(context, findings, runRules);

export { checkContext, type CheckContext } from './context';
export type { Finding } from './finding';
export type { Analysis, Hit, Rule } from './hit';
export * from './kinds';
export { FINDING_CODES, RULES, type FindingCode } from './rules/index';
export { STATIONS, type StationId } from './stations';
export { findingKey, toPutRight } from './findingKey';
export { failedCells, isWorse, trialsAt, type Judged, type Trial } from './trials';
export { runRules } from './runRules';
export { isLatched } from './analyses/latchesAtSupply';
export { asks } from './analyses/acts';
