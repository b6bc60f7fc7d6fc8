import { applyEdit } from '../plan/index';
import { checkContext, type CheckContext } from './context';
import type { Finding } from './finding';
import { findingKey, toPutRight } from './findingKey';
import type { FindingCode } from './rules/index';

/** Findings that keep a current from flowing, or a lock from moving: what lies behind them cannot show itself. */
const HIDING: ReadonlySet<FindingCode> = new Set([
  'loop-broken',
  'link-missing',
  'wrong-throw',
  'short-circuit',
  'part-bridged',
  'switch-bypassed',
  'diode-reversed',
]);

/**
 * What would be found once the findings that hide others were put right: their remedies are applied to a copy of
 * the plan, and the rules run again. Only what is wrong and was not found before comes back, each naming the
 * finding it hides behind.
 */
export function maskedFindings(
  context: CheckContext,
  found: readonly Finding[],
  run: (context: CheckContext) => Finding[],
): Finding[] {
  const hiding = found.filter((one) => toPutRight(one) && HIDING.has(one.code) && one.remedy);
  let plan = context.plan;
  let behind: FindingCode | null = null;
  for (const { remedy, code } of hiding) {
    const result = remedy && applyEdit(plan, remedy);
    if (!result?.ok) continue;
    plan = result.plan;
    behind ??= code;
  }
  if (behind === null) return [];
  const known = new Set(found.map(findingKey));
  const hides = behind;
  return run(checkContext(plan, context.door.id))
    .filter((one) => toPutRight(one) && one.family !== 'R' && !known.has(findingKey(one)))
    .map(({ remedy: _later, ...one }) => ({ ...one, behind: hides }));
}
