import { searchCauses, type CauseReport } from '#core/causes/index';
import { checkContext, failedCells, findingKey, runRules, toPutRight } from '#core/checks/index';
import { applyEdit, type Plan } from '#core/plan/index';
import { changeWords, findingTitle, LAW, triedWords } from '#words/index';
import { doorsAsked } from './doors';
import type { CommandOptions } from './usage';

/** Says of each door why something stands against it, and what would put it right. */
export function explainCommand(plan: Plan, options: CommandOptions): number {
  const reports = doorsAsked(plan, options.door).map(({ id }) => searchCauses(plan, id));
  if (options.json) console.log(JSON.stringify(reports, null, 1));
  else {
    for (const report of reports) explain(plan, report);
    console.log(`\n${LAW}`);
  }
  return reports.some(({ unexplained }) => unexplained.length > 0) ? 1 : 0;
}

function explain(plan: Plan, { door, causes, unexplained, tried, exhausted }: CauseReport): void {
  const context = checkContext(plan, door);
  const findings = runRules(context).filter(toPutRight);
  const standing = findings.length + failedCells(context).size;
  console.log(`\n${door} ${context.door.name}`.trimEnd());
  if (standing === 0) {
    console.log('  Nothing stands against it.');
    return;
  }
  // A later cause is told with the earlier ones put right.
  let now = plan;
  let left = standing;
  for (const [index, cause] of causes.entries()) {
    for (const change of cause.repair.changes) {
      const { title, act } = changeWords(now, door, change);
      console.log(`  ${index + 1}. ${title}\n     ${act}.`);
    }
    console.log(`     ${triedWords(cause, left)}`);
    for (const finding of findings.filter((one) => cause.clears.includes(findingKey(one))))
      console.log(`     - ${findingTitle(finding)}`);
    for (const { changes } of cause.also)
      console.log(`     Also possible: ${changes.map((one) => changeWords(now, door, one).title).join(' ')}`);
    const next = applyEdit(now, cause.repair.edit);
    if (next.ok) now = next.plan;
    left -= cause.clears.length;
  }
  if (unexplained.length === 0) return;
  console.log(
    exhausted
      ? `  No small change was found for the rest, of ${tried} that were tried:`
      : `  No small change was found for the rest; the search ended after ${tried}:`,
  );
  for (const key of unexplained) {
    const finding = findings.find((one) => findingKey(one) === key);
    console.log(`     - ${finding ? findingTitle(finding) : key}`);
  }
}
