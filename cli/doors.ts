import { doorsInOrder, type Door, type Plan } from '#core/plan/index';
import { prepared, SITUATIONS } from '#core/prove/index';
import { atRest, buildWorld, type SimState, type World } from '#core/simulate/index';
import { UsageError } from './usage';

/** The door asked for, or all of them. */
export function doorsAsked(plan: Plan, id: string | undefined): Door[] {
  if (id === undefined) return doorsInOrder(plan);
  const door = plan.doors[id];
  if (door) return [door];
  throw new UsageError(`there is no door "${id}"; there are ${Object.keys(plan.doors).join(', ') || 'none'}`);
}

/** A door brought into a situation. */
export function inSituation(plan: Plan, door: string, id: string): { world: World; state: SimState } {
  const world = buildWorld(plan, door);
  const situation = SITUATIONS.find((one) => one.id === id);
  if (!situation)
    throw new UsageError(
      `there is no situation "${id}"; there are ${SITUATIONS.map((s) => s.id).join(', ')}`,
    );
  const state = prepared(situation, world, atRest(world));
  if (!state) throw new UsageError(`door ${door} has nothing for the situation "${id}"`);
  return { world, state };
}
