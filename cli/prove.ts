import { worstOf, type Side } from '#core/prove/index';
import type { Plan } from '#core/plan/index';
import { siteFindings } from '#core/site/index';
import { doorVerdict } from '#core/verdict/index';
import {
  cellReason,
  findingReason,
  findingTitle,
  LAW,
  outcomeWords,
  SEVERITY_NAMES,
  siteFindingWords,
  situationName,
  verdictWords,
} from '#words/index';
import type { CommandOptions } from './usage';
import { doorsAsked } from './doors';

/** Proves doors and prints a table; exit 1 if anything fails, is not proven, or must be put right. */
export function proveCommand(plan: Plan, options: CommandOptions): number {
  const verdicts = doorsAsked(plan, options.door).map((door) => ({
    door,
    verdict: doorVerdict(plan, door.id),
  }));
  const bad = verdicts.some(
    ({ verdict }) =>
      verdict.summary.toSettle > 0 ||
      verdict.proof.rows.some((row) => worstOf(row) !== 'pass') ||
      !verdict.summary.begun,
  );
  if (options.json) {
    const out = verdicts.map(({ door, verdict }) => ({
      door: door.id,
      name: door.name,
      findings: verdict.findings.map((finding) => ({
        ...finding,
        title: findingTitle(finding),
        reason: findingReason(finding),
      })),
      proof: verdict.proof.rows.map((row) => ({
        ...row,
        reasons: { outside: cellReason(row, 'outside'), inside: cellReason(row, 'inside') },
      })),
    }));
    console.log(JSON.stringify(out, null, 2));
    return bad ? 1 : 0;
  }
  for (const { door, verdict } of verdicts) {
    console.log(`\n${door.id} ${door.name}`);
    for (const row of verdict.proof.rows) {
      const side = (name: Side) => {
        const cell = row.cells[name];
        return `${verdictWords(cell.verdict).padEnd(10)} ${outcomeWords(cell, name)}`.padEnd(32);
      };
      console.log(
        `  ${situationName(row.situation).padEnd(28)} outside ${side('outside')} inside ${side('inside')}`.trimEnd(),
      );
    }
    for (const finding of verdict.findings.filter((one) => one.severity !== 'sound')) {
      console.log(
        `  ${SEVERITY_NAMES[finding.severity]}: ${findingTitle(finding)}. ${findingReason(finding)}`,
      );
    }
  }
  // What is found of the site as a whole is said where the whole site is asked for.
  for (const finding of options.door === undefined ? siteFindings(plan) : []) {
    const { title, reason } = siteFindingWords(finding);
    console.log(`\n${SEVERITY_NAMES[finding.severity]}: ${title}. ${reason}`);
  }
  console.log(`\n${LAW}`);
  return bad ? 1 : 0;
}
