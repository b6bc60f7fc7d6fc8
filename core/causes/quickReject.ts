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

/**
 * A quick look at a change before it is tried in full: false where it surely is no repair. It proves the first cell that
 * fails and nothing else; where none does it runs the rules that found something, and no others. A fifth of a trial.
 */
export function quickReject(context: CheckContext, findings: readonly Finding[]): (edit: Edit) => boolean {
  const { plan, door } = context;
  const [cell] = failedCells(context);
  const [situation, side] = (cell?.split(' ') ?? []) as [SituationId?, Side?];
  const open = findings.filter(toPutRight);
  const keys = open.map(findingKey);
  const codes = new Set<string>(open.map(({ code }) => code));
  return (edit) => {
    const result = applyEdit(plan, edit);
    if (!result.ok) return false;
    if (situation && side) {
      const world = buildWorld(result.plan, door.id);
      const row = proveOne(result.plan, world, atRest(world), situation);
      return row?.cells[side].verdict !== 'fail';
    }
    const its = checkContext(result.plan, door.id, { trial: true });
    const left = new Set(runRules(its, codes).filter(toPutRight).map(findingKey));
    return keys.some((key) => !left.has(key));
  };
}
