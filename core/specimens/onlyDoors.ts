import { type Plan } from '#core/plan/index';
import { mustApply } from './doors';

/** A site without its other doors: what is tried at one door does not wait for the rest to be judged. */
export const onlyDoors = (plan: Plan, doors: readonly string[]): Plan =>
  Object.keys(plan.doors)
    .filter((id) => !doors.includes(id))
    .reduce((rest, id) => mustApply(rest, { kind: 'removeDoor', id }), plan);
