import { applyEdit, findIn, staleDoors, touchedDoors, type Edit, type Plan } from '../plan/index';
import type { Proof, Side } from '../prove/index';
import { checkContext, type CheckContext } from './context';
import type { Finding } from './finding';

/** Neighbours that are judged again for a remedy that reaches them; one that reaches more is not offered. */
const MOST_NEIGHBOURS = 4;

const SIDES: readonly Side[] = ['outside', 'inside'];

const toPutRight = ({ severity }: Finding): boolean => severity === 'stop' || severity === 'fix';
const key = ({ code, at }: Finding): string => `${code} ${at[0]?.id ?? ''}`;

/** What is known of a door that a remedy may not make worse. */
export interface Judged {
  readonly findings: readonly Finding[];
  readonly proof: Proof;
  /** What is harmed or overloaded at rest, part by part, and what never comes to rest. */
  readonly harmed: ReadonlySet<string>;
}

const judgedOf = (context: CheckContext, findings: readonly Finding[]): Judged => {
  const { netlist } = context.world;
  const { damages, restless } = context.rest.point;
  const idOf = (branch: number) => netlist.branches[branch]?.id ?? '';
  return {
    findings,
    proof: context.proof,
    harmed: new Set([
      ...damages.map(({ kind, branch }) => `${kind} ${idOf(branch)}`),
      ...restless.map((branch) => `restless ${idOf(branch)}`),
    ]),
  };
};

/** True where the later state has something to put right, a part harmed or a cell failed that the earlier had not. */
export function isWorse(before: Judged, after: Judged): boolean {
  const named = new Set(before.findings.filter(toPutRight).map(key));
  if (after.findings.some((one) => toPutRight(one) && !named.has(key(one)))) return true;
  // A finding may name many parts by one: the parts themselves are counted too.
  if ([...after.harmed].some((one) => !before.harmed.has(one))) return true;
  const failed = (judged: Judged) =>
    new Set(
      judged.proof.rows.flatMap(({ situation, cells }) =>
        SIDES.filter((side) => cells[side].verdict === 'fail').map((side) => `${situation} ${side}`),
      ),
    );
  const known = failed(before);
  return [...failed(after)].some((cell) => !known.has(cell));
}

/**
 * Findings whose remedies were tried: each on a copy of the plan, the door judged again, and every door that shares a supply
 * or a controller with it. A remedy that would bring anything new to put right, or a cell that fails, is not offered. Slow: a judgement a remedy.
 */
export function vetRemedies(
  context: CheckContext,
  findings: readonly Finding[],
  run: (context: CheckContext) => Finding[],
): Finding[] {
  const { plan, door } = context;
  const before = judgedOf(context, findings);
  const judged = new Map<string, Judged>();
  const judge = (at: Plan, id: string): Judged => {
    const its = checkContext(at, id);
    return judgedOf(its, run(its));
  };
  const others = (id: string): Judged => {
    const known = judged.get(id) ?? judge(plan, id);
    judged.set(id, known);
    return known;
  };
  const tried = new Map<string, boolean>();
  const holds = (remedy: Edit): boolean => {
    const result = applyEdit(plan, remedy);
    if (!result.ok || isWorse(before, judge(result.plan, door.id))) return false;
    const reached = staleDoors(plan, result.plan).filter((id) => id !== door.id);
    if (reached.length > MOST_NEIGHBOURS) {
      const touched = touchedDoors(plan, result.plan);
      return touched.length === 1 && touched[0] === door.id;
    }
    return reached.every(
      (id) => findIn(result.plan.doors, id) === undefined || !isWorse(others(id), judge(result.plan, id)),
    );
  };
  return findings.map((finding) => {
    const { remedy, ...bare } = finding;
    if (!remedy) return finding;
    const text = JSON.stringify(remedy);
    const good = tried.get(text) ?? holds(remedy);
    tried.set(text, good);
    return good ? finding : bare;
  });
}
