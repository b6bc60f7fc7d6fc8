import type { CheckContext } from './context';
import { credentialChecks } from './credentials';
import { busChecks } from './busRules';
import { cableChecks } from './cables';
import { dataChecks } from './data';
import { SEVERITIES, type Finding } from './finding';
import { hiddenBehind } from './hidden';
import { functionChecks } from './functions';
import { inputChecks } from './inputs';
import { intercomChecks } from './intercomRules';
import { inUseChecks } from './inUse';
import { powerChecks } from './power';
import { releaseChecks } from './release';
import { sourceChecks } from './sources';
import { suppressionChecks } from './suppression';
import { terminalChecks } from './terminals';
import { timingChecks } from './timing';
import { vetRemedies } from './vetRemedies';
import { crowdedTerminals } from './crowding';
import { wiringChecks } from './wiring';

const CHECKS = [
  ...wiringChecks,
  crowdedTerminals,
  ...sourceChecks,
  ...terminalChecks,
  ...inUseChecks,
  ...inputChecks,
  ...suppressionChecks,
  ...functionChecks,
  ...intercomChecks,
  ...powerChecks,
  ...releaseChecks,
  ...dataChecks,
  ...busChecks,
  ...cableChecks,
  ...timingChecks,
  ...credentialChecks,
];

const runOnce = (context: CheckContext): Finding[] => CHECKS.flatMap((check) => check(context));

/** Runs every rule over a solved door, worst first, and looks behind what hides the rest. */
export function runChecks(context: CheckContext): Finding[] {
  const found = runOnce(context);
  return [...found, ...hiddenBehind(context, found, runOnce)].sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  );
}

/** These findings of a door with only those remedies that were tried and made nothing worse. */
export const tryRemedies = (context: CheckContext, findings: readonly Finding[]): Finding[] =>
  vetRemedies(context, findings, runOnce);

export { isWorse, type Judged } from './vetRemedies';
export * from './finding';
export { STATIONS, type StationId } from './stations';
export { checkContext, type Check, type CheckContext } from './context';
