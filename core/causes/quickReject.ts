import {
  checkContext,
  failedCells,
  findingKey,
  runRules,
  toPutRight,
  type CheckContext,
  type Finding,
} from '../checks/index';
import { applyEdit, type Edit } from '../plan/index';
import { proveOne, type Side, type SituationId } from '../prove/index';
import { atRest, buildWorld } from '../simulate/index';

const SIDES = ['outside', 'inside'] as const;

/**
 * A quick look at a change before it is tried in full: false where it surely is no repair. It proves the first cell that
 * fails and the door at rest, and nothing else; where none fails it runs the rules that found something, and no others. A tenth
 * of a trial.
 */
export function quickReject(context: CheckContext, findings: readonly Finding[]): (edit: Edit) => boolean {
  const { plan, door } = context;
  const [cell] = failedCells(context);
  const [situation, side] = (cell?.split(' ') ?? []) as [SituationId?, Side?];
  const open = findings.filter(toPutRight);
  const keys = open.map(findingKey);
  const codes = new Set<string>(open.map(({ code }) => code));
  const atFirst = context.proof.rows.find((row) => row.situation === 'rest');
  return (edit) => {
    const result = applyEdit(plan, edit);
    if (!result.ok) return false;
    if (situation && side) {
      const world = buildWorld(result.plan, door.id);
      const start = atRest(world);
      if (proveOne(result.plan, world, start, situation)?.cells[side].verdict === 'fail') return false;
      // A door that is dead passes many a cell: what it is at rest must not be lost.
      const now = situation === 'rest' ? undefined : proveOne(result.plan, world, start, 'rest');
      return !SIDES.some(
        (one) => now?.cells[one].verdict === 'fail' && atFirst?.cells[one].verdict !== 'fail',
      );
    }
    const its = checkContext(result.plan, door.id, { trial: true });
    const left = new Set(runRules(its, codes).filter(toPutRight).map(findingKey));
    return keys.some((key) => !left.has(key));
  };
}
