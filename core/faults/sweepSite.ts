import { doorsInOrder, type DoorId, type Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { circuitOf, sharedBehaviourCache } from './sharedBehaviourCache';
import { faultsOf } from './fault';
import type { FaultResult } from './result';
import { sweep } from './sweep';
import { canonicalDoor } from './canonicalDoor';

/** What one fault does, and at which door it was asked for. */
export interface SiteResult extends FaultResult {
  readonly door: DoorId;
}

/**
 * Every single fault of every door, or of the doors that are named, one result after the other: a caller may stop at any. Doors
 * that stand alone and are built alike share what their devices do; copies of one door, to the last length, are swept once.
 */
export function* sweepSite(
  plan: Plan,
  doors: readonly DoorId[] = doorsInOrder(plan).map(({ id }) => id),
): Generator<SiteResult> {
  const alike = sharedBehaviourCache();
  const swept = new Map<string, readonly FaultResult[]>();
  for (const door of doors) {
    const alone = canonicalDoor(plan, door);
    if (!alone) {
      const world = buildWorld(plan, door);
      for (const result of sweep(world, atRest(world), faultsOf(world))) yield { ...result, door };
      continue;
    }
    const { world, real } = alone;
    const same = circuitOf(world);
    const results: FaultResult[] = [];
    for (const result of swept.get(same) ?? sweep(world, atRest(world), faultsOf(world), alike)) {
      results.push(result);
      yield { ...result, fault: real(result.fault), door };
    }
    swept.set(same, results);
  }
}
