import { NO_TARGET, targetOf } from '../autowire/index';
import { checkContext, runRules } from '../checks/index';
import { neighbourhood } from '../door/index';
import type { DoorId, Edit, Plan } from '../plan/index';
import type { Candidate } from './change';
import { against, ALSO, searchRound, type Tried } from './searchRound';

/** Changes that were tried, as one edit. */
export interface Repair extends Candidate {
  readonly edit: Edit;
}

/** Why a door has something to put right: the smallest repair that was found for it. */
export interface Cause {
  readonly repair: Repair;
  /** Findings and failed cells that are gone with it, by their keys. */
  readonly clears: readonly string[];
  /** Cells of the proof that pass after it, of all. */
  readonly cells: { readonly pass: number; readonly of: number };
  /** Other repairs after which as much is right, at hardly more cost. */
  readonly also: readonly Repair[];
}

export interface CauseReport {
  readonly door: DoorId;
  /** In the order in which they are put right: a later one may show only after an earlier one. */
  readonly causes: readonly Cause[];
  /** Keys of what no repair was found for. */
  readonly unexplained: readonly string[];
  /** Repairs that were tried. */
  readonly tried: number;
  /** False where the bound ended the search, and not the candidates. */
  readonly exhausted: boolean;
}

export interface SearchBounds {
  /** Repairs tried in all. */
  readonly most: number;
  /** Causes told at most, one after the other. */
  readonly causes: number;
  /** Of the candidates that came nearest, this many are tried in pairs. */
  readonly pairsOf: number;
  /** Whether it looks first where the wiring differs from the one Aldaba would lay. */
  readonly hint: boolean;
}

export const BOUNDS: SearchBounds = { most: 400, causes: 4, pairsOf: 10, hint: true };
/** Repairs tried in all where there is no wiring to compare with: each takes longer, and what is found is found before. */
const MOST_UNHINTED = 320;

/** Cells that pass after a repair; one that the plan says too little about does not. */
function cellsOf({ trial }: Tried): Cause['cells'] {
  const cells = trial.judged.proof.rows.flatMap((row) => Object.values(row.cells));
  return { pass: cells.filter(({ verdict }) => verdict === 'pass').length, of: cells.length };
}

/** Other repairs told beside the first. */
const MOST_ALSO = 3;

/**
 * Looks for the smallest changes after which nothing stands against a door, by trying them on copies. A repair counts only
 * where nothing new stands against this door or its neighbours, and nothing that protects is lost. What one change does
 * not settle is settled by several, one after the other, or by two at once. The bounds are on the work done, so that the
 * same plan always gives the same answer. Throws where the door is not in the plan.
 */
export function searchCauses(plan: Plan, door: DoorId, bounds: SearchBounds = BOUNDS): CauseReport {
  const causes: Cause[] = [];
  let now = neighbourhood(plan, door);
  let tried = 0;
  let exhausted = true;
  for (;;) {
    const context = checkContext(now, door);
    const findings = runRules(context);
    const open = against({ findings, proof: context.proof });
    const target = bounds.hint ? targetOf(now, door) : NO_TARGET;
    const most = target.wires.length > 0 ? bounds.most : Math.min(bounds.most, MOST_UNHINTED);
    const done = open.size === 0 || causes.length >= bounds.causes || tried >= most;
    const round = done ? null : searchRound(context, findings, target, { ...bounds, most: most - tried });
    tried += round?.tried ?? 0;
    exhausted &&= round?.exhausted ?? true;
    const [best, ...rest] = round?.found ?? [];
    if (!best) return { door, causes, unexplained: [...open], tried, exhausted };
    const as = ({ changes, cost, edit }: Tried): Repair => ({ changes, cost, edit });
    causes.push({
      repair: as(best),
      clears: [...open].filter((key) => !best.left.has(key)),
      cells: cellsOf(best),
      also: rest
        .filter(({ left, cost }) => left.size === best.left.size && cost <= best.cost + ALSO)
        .slice(0, MOST_ALSO)
        .map(as),
    });
    now = best.trial.plan;
  }
}
