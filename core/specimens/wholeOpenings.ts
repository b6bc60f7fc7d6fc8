import { trialsOf } from '../prove/index';
import { answersFrom } from '../faults/outcome';
import type { FaultResult } from '../faults/index';
import { openingsIn } from '../faults/sweepAnew';
import type { Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';

/** Results with an opening in every situation: what a fault does not touch is as at the sound door. */
export function wholeOpenings<R extends FaultResult>(plan: Plan, door: string, results: readonly R[]): R[] {
  const world = buildWorld(plan, door);
  const sound = openingsIn(trialsOf(world), answersFrom(world, atRest(world)));
  return results.map((result) => ({ ...result, openings: new Map([...sound, ...result.openings]) }));
}
