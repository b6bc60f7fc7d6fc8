import { checkContext, runChecks, type FindingCode } from '../checks/index';
import { checkSheet, type CheckTask } from '../commission/index';
import { conductorsOf, type Edit, type Plan } from '../plan/index';
import { releaseByCredential } from '../timing/index';
import { mustApply } from '../specimens/doors';
import { installed, type Installation } from '../specimens/installation';

/** What an installer would want to know of a door before it is left. */
export interface Tried {
  readonly plan: Plan;
  /** Wires that a person would have had to lay by hand. */
  readonly byHand: number;
  /** Findings that are to be put right. */
  readonly wrong: readonly FindingCode[];
  /** Cells of the proof that do not pass, as `situation side verdict`. */
  readonly unproven: readonly string[];
  /** How long a card or code opens it, seconds; null where it has no time. */
  readonly seconds: number | null;
  readonly tasks: ReadonlySet<CheckTask>;
  /** Codes of what is found once this was done wrong, and was not found before. */
  mistake(edits: (plan: Plan) => Edit[]): FindingCode[];
}

const found = (plan: Plan): FindingCode[] =>
  runChecks(checkContext(plan, 'D01'))
    .filter(({ severity }) => severity === 'stop' || severity === 'fix' || severity === 'caution')
    .map(({ code }) => code);

/** Wires an installation, proves it, times it and reads its check sheet. */
export function tried(installation: Installation): Tried {
  const plan = installed(installation);
  const context = checkContext(plan, 'D01');
  const before = new Set(found(plan));
  return {
    plan,
    byHand: conductorsOf(plan, 'D01').filter(({ origin }) => origin !== 'aldaba').length,
    wrong: runChecks(context)
      .filter(({ severity }) => severity === 'stop' || severity === 'fix')
      .map(({ code }) => code),
    unproven: context.proof.rows.flatMap(({ situation, cells }) =>
      (['outside', 'inside'] as const).flatMap((side) =>
        cells[side].verdict === 'pass' ? [] : [`${situation} ${side} ${cells[side].verdict}`],
      ),
    ),
    seconds: releaseByCredential(context.world, context.rest)?.seconds ?? null,
    tasks: new Set(checkSheet(plan, 'D01').map(({ task }) => task)),
    mistake: (edits) => found(mustApply(plan, ...edits(plan))).filter((code) => !before.has(code)),
  };
}
