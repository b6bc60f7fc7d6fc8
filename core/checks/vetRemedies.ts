import type { CheckContext } from './context';
import type { Finding } from './finding';
import { trialsAt } from './trials';

/**
 * Findings whose remedies were tried. A remedy that would bring anything new to put right, harm a part or fail a cell, here or at a
 * door that shares something, is not offered. Stops before each trial: a judgement each, and whoever waits for none may leave.
 */
export function* vetRemedies(
  context: CheckContext,
  findings: readonly Finding[],
  run: (context: CheckContext) => Finding[],
): Generator<undefined, Finding[]> {
  const attempt = trialsAt(context, findings, run);
  const known = new Map<string, boolean>();
  const vetted: Finding[] = [];
  for (const finding of findings) {
    const { remedy, ...bare } = finding;
    if (!remedy) {
      vetted.push(finding);
      continue;
    }
    const text = JSON.stringify(remedy);
    let good = known.get(text);
    if (good === undefined) {
      yield undefined;
      good = attempt(remedy)?.worse === false;
      known.set(text, good);
    }
    vetted.push(good ? finding : bare);
  }
  return vetted;
}
