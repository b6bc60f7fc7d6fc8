import { applyEdit, findIn, staleDoors, touchedDoors, type Edit, type Plan } from '../plan/index';
import { fireReleases, type Missing, type Proof, type Side } from '../prove/index';
import { checkContext, type CheckContext } from './context';
import type { Finding } from './finding';
import { findingKey, toPutRight } from './findingKey';

/** Neighbours that are judged again for a change that reaches them; one that reaches more is not tried. */
const MOST_NEIGHBOURS = 4;

const SIDES: readonly Side[] = ['outside', 'inside'];

/** What is known of a door that a change may not make worse. */
export interface Judged {
  readonly findings: readonly Finding[];
  readonly proof: Proof;
  /** What is harmed or overloaded at rest, part by part, and what never comes to rest. */
  readonly harmed: ReadonlySet<string>;
  /** How many fire relays release the door, whoever's they are. */
  readonly releases: number;
}

export const judgedOf = (context: CheckContext, findings: readonly Finding[]): Judged => {
  const { netlist } = context.world;
  const { damages, restless } = context.rest.point;
  const idOf = (branch: number) => netlist.branches[branch]?.id ?? '';
  return {
    findings,
    proof: context.proof,
    releases: fireReleases(context.world, context.rest).length,
    harmed: new Set([
      ...damages.map(({ kind, branch }) => `${kind} ${idOf(branch)}`),
      ...restless.map((branch) => `restless ${idOf(branch)}`),
    ]),
  };
};

/** Cells of the proof that fail, as `fire inside`. */
export const failedCells = ({ proof }: Pick<Judged, 'proof'>): Set<string> =>
  new Set(
    proof.rows.flatMap(({ situation, cells }) =>
      SIDES.filter((side) => cells[side].verdict === 'fail').map((side) => `${situation} ${side}`),
    ),
  );

/** What of the circuit itself keeps a cell from being proven: a lock between held and free, or nothing that comes to rest. */
const FALTERING: ReadonlySet<Missing['kind']> = new Set(['weak-lock', 'restless']);

/** Cells that fail, and those of which nothing can be said since a lock falters: a repair settles neither by ending there. */
export const standingCells = ({ proof }: Pick<Judged, 'proof'>): Set<string> =>
  new Set([
    ...failedCells({ proof }),
    ...proof.rows.flatMap(({ situation, cells }) =>
      SIDES.filter((side) => cells[side].missing.some(({ kind }) => FALTERING.has(kind))).map(
        (side) => `${situation} ${side}`,
      ),
    ),
  ]);

/** True where the later state has something to put right, a part harmed or a cell failed or faltering that the earlier had not, or no fire release. */
export function isWorse(before: Judged, after: Judged): boolean {
  // A stop that hid behind something else is no less of one for having been foreseen: nobody makes it real by a press.
  const named = new Set(
    before.findings
      .filter((one) => toPutRight(one) && !(one.behind && one.severity === 'stop'))
      .map(findingKey),
  );
  if (after.findings.some((one) => toPutRight(one) && !named.has(findingKey(one)))) return true;
  // A door that no fire relay reaches any more fails in no cell: it is no longer asked.
  if (before.releases > 0 && after.releases === 0) return true;
  // A finding may name many parts by one: the parts themselves are counted too.
  if ([...after.harmed].some((one) => !before.harmed.has(one))) return true;
  const known = standingCells(before);
  return [...standingCells(after)].some((cell) => !known.has(cell));
}

/** A change tried on a copy of the plan. */
export interface Trial {
  readonly plan: Plan;
  readonly context: CheckContext;
  readonly judged: Judged;
  /** True where this door, or one that shares something with it, has something new against it. */
  readonly worse: boolean;
}

/**
 * Tries changes at a door, each on a copy: the door is judged again, and where it is no worse every door that shares a supply
 * or a controller with it. Null for a change that the plan refuses. Slow: a judgement a change.
 */
export function trialsAt(
  context: CheckContext,
  findings: readonly Finding[],
  run: (context: CheckContext) => Finding[],
): (edit: Edit) => Trial | null {
  const { plan, door } = context;
  const before = judgedOf(context, findings);
  const known = new Map<string, Judged>();
  const judge = (at: Plan, id: string): Judged => {
    const its = checkContext(at, id, { trial: true });
    return judgedOf(its, run(its));
  };
  const asItIs = (id: string): Judged => {
    const judged = known.get(id) ?? judge(plan, id);
    known.set(id, judged);
    return judged;
  };
  const harmsOthers = (after: Plan): boolean => {
    const reached = staleDoors(plan, after).filter((id) => id !== door.id);
    if (reached.length > MOST_NEIGHBOURS) {
      const touched = touchedDoors(plan, after);
      return touched.length !== 1 || touched[0] !== door.id;
    }
    return reached.some(
      (id) => findIn(after.doors, id) !== undefined && isWorse(asItIs(id), judge(after, id)),
    );
  };
  return (edit) => {
    const result = applyEdit(plan, edit);
    if (!result.ok || !findIn(result.plan.doors, door.id)) return null;
    const its = checkContext(result.plan, door.id, { trial: true });
    const judged = judgedOf(its, run(its));
    return {
      plan: result.plan,
      context: its,
      judged,
      worse: isWorse(before, judged) || harmsOthers(result.plan),
    };
  };
}
