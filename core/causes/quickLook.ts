import {
  checkContext,
  findingKey,
  runRules,
  standingCells,
  toPutRight,
  type CheckContext,
  type Finding,
} from '../checks/index';
import { applyEdit, type Edit } from '../plan/index';
import { proveOne, type Side, type SituationId } from '../prove/index';
import { atRest, buildWorld } from '../simulate/index';

const SIDES = ['outside', 'inside'] as const;
/** Cells that are looked at, at most. */
const MOST_CELLS = 4;

/**
 * A quick look at a change before it is tried in full: null where it surely is no repair, else how much still stands of what is looked at.
 * That is the first cells that stand against the door, and the door at rest, which must not get worse; where no cell does, the
 * rules that found something and no others. A tenth of a trial.
 */
export function quickLook(
  context: CheckContext,
  findings: readonly Finding[],
): (edit: Edit) => number | null {
  const { plan, door, rest } = context;
  const cells = [...standingCells(context)]
    .slice(0, MOST_CELLS)
    .map((cell) => cell.split(' ') as [SituationId, Side]);
  const open = findings.filter(toPutRight);
  const keys = open.map(findingKey);
  const codes = new Set<string>(open.map(({ code }) => code));
  const before = standingCells(context);
  return (edit) => {
    const result = applyEdit(plan, edit);
    if (!result.ok) return null;
    if (cells.length === 0) {
      const its = checkContext(result.plan, door.id, { trial: true });
      const found = new Set(runRules(its, codes).filter(toPutRight).map(findingKey));
      const left = keys.filter((key) => found.has(key)).length;
      return left < keys.length ? left : null;
    }
    const world = buildWorld(result.plan, door.id);
    const start = atRest(world);
    // What never comes to rest is looked for first: nothing else is known before it does.
    if (rest.point.restless.length > 0 && start.point.restless.length > 0) return null;
    let left = 0;
    for (const [index, [situation, side]] of cells.entries()) {
      const row = proveOne(result.plan, world, start, situation);
      if (!row || !standingCells({ proof: { rows: [row] } }).has(`${situation} ${side}`)) continue;
      if (index === 0) return null;
      left += 1;
    }
    // A door that is dead passes many a cell: what it is at rest must not be lost.
    const now = proveOne(result.plan, world, start, 'rest');
    const stands = now ? standingCells({ proof: { rows: [now] } }) : new Set();
    return SIDES.some((side) => stands.has(`rest ${side}`) && !before.has(`rest ${side}`)) ? null : left;
  };
}
