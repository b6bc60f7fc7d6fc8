import { applyEdit, type DoorId, type Plan } from '../plan/index';
import { editOf, type Candidate, type Change } from './change';
import { costOf, COSTS } from './costs';
import { differences } from './differences';
import { targetOf, type Target } from '../autowire/index';

/**
 * Repairs that bring the wiring nearer to the one Aldaba would lay: each difference by itself, and all of them together
 * where they are few. The wiring is only a hint where to look first: a door that is wired in another way is as right.
 */
export function fromTarget(plan: Plan, door: DoorId, target: Target = targetOf(plan, door)): Candidate[] {
  const single = differences(plan, door, target).map((change): Candidate => ({
    changes: [change],
    cost: costOf(plan, change) - COSTS.asAldabaWould,
  }));
  const all = together(plan, door, target);
  return all ? [...single, all] : single;
}

/** Every difference put right, the cheapest first; null where there is one, or half a new wiring. */
export function together(plan: Plan, door: DoorId, target: Target): Candidate | null {
  const changes: Change[] = [];
  let cost = -COSTS.another;
  for (let now = plan; ;) {
    const left = differences(now, door, target);
    if (left.length === 0) break;
    if (changes.length === COSTS.mostTogether) return null;
    const best = left.reduce((a, b) => (costOf(now, b) < costOf(now, a) ? b : a));
    const result = applyEdit(now, editOf({ changes: [best] }, ''));
    if (!result.ok) return null;
    cost += costOf(now, best) - COSTS.asAldabaWould + COSTS.another;
    changes.push(best);
    now = result.plan;
  }
  return changes.length > 1 ? { changes, cost } : null;
}
