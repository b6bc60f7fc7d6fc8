import type { CheckContext } from './context';
import { seek, type Finding, type Found } from './finding';
import type { Analysis, Violation } from './violation';
import { RULES } from './rules/index';

const CODES: ReadonlySet<string> = new Set(RULES.map(({ code }) => code));

/**
 * Runs every rule over a solved door, or those that are named, each analysis once. Throws where an analysis names a rule that
 * there is not.
 */
export const runRules = (context: CheckContext, only?: ReadonlySet<string>): Finding[] =>
  lookOver(context, only).map(seek);

/** The same with nothing searched for yet. */
export function lookOver(context: CheckContext, only?: ReadonlySet<string>): Found[] {
  const known = new Map<Analysis, readonly Violation[]>();
  const hitsOf = (find: Analysis): readonly Violation[] => {
    const before = known.get(find);
    if (before) return before;
    const hits = find(context);
    const stray = hits.find(({ code }) => !CODES.has(code));
    // Dropped without a word it would be a wrong "sound".
    if (stray) throw new Error(`no rule is called "${stray.code}"`);
    known.set(find, hits);
    return hits;
  };
  return RULES.filter(({ code }) => !only || only.has(code)).flatMap(({ find, ...rule }) =>
    hitsOf(find)
      .filter(({ code }) => code === rule.code)
      .map(({ at, values, severity, remedy, sought }): Found => ({
        code: rule.code,
        family: rule.family,
        severity: severity ?? rule.severity,
        basis: rule.basis,
        station: rule.station,
        at,
        values,
        ...(remedy ? { remedy } : {}),
        ...(sought ? { sought } : {}),
      })),
  );
}
