import type { CheckContext } from './context';
import { credentialChecks } from './credentials';
import { dataChecks } from './data';
import { SEVERITIES, type Finding } from './finding';
import { inUseChecks } from './inUse';
import { powerChecks } from './power';
import { releaseChecks } from './release';
import { timingChecks } from './timing';
import { wiringChecks } from './wiring';

const CHECKS = [
  ...wiringChecks,
  ...inUseChecks,
  ...powerChecks,
  ...releaseChecks,
  ...dataChecks,
  ...timingChecks,
  ...credentialChecks,
];

/** Runs every rule over a solved door, worst first. */
export const runChecks = (context: CheckContext): Finding[] =>
  CHECKS.flatMap((check) => check(context)).sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  );

export * from './finding';
export { checkContext, type Check, type CheckContext } from './context';
