import type { CheckContext } from './context';
import type { Finding } from './finding';
import { trialsAt } from './trials';

/**
 * Findings whose remedies were tried. A remedy that would bring anything new to put right, harm a part or fail a cell, here or at a
 * door that shares something, is not offered.
 */
export function vetRemedies(
  context: CheckContext,
  findings: readonly Finding[],
  run: (context: CheckContext) => Finding[],
): Finding[] {
  const attempt = trialsAt(context, findings, run);
  const known = new Map<string, boolean>();
  return findings.map((finding) => {
    const { remedy, ...bare } = finding;
    if (!remedy) return finding;
    const text = JSON.stringify(remedy);
    const good = known.get(text) ?? attempt(remedy)?.worse === false;
    known.set(text, good);
    return good ? finding : bare;
  });
}
