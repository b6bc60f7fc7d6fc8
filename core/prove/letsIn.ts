import { doorHold, lockStatuses, stimulate, type SimState, type World } from '../simulate/index';

/** True where a valid card or code at the door's entry lets somebody in from this very state. */
export function letsIn(world: World, state: SimState): boolean {
  const next = stimulate(world, state, { kind: 'credential', valid: true }).state;
  return doorHold(lockStatuses(world, next.point)) === 'free';
}
