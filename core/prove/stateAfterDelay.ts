import { afterNext, doorHold, lockStatuses, type SimState, type World } from '../simulate/index';
import type { Later } from './proof';

/** How far is looked ahead, ms: the longest that a door is held or watched by usual settings. */
const AHEAD_MS = 180_000;
/** Changes that are told: what goes on without end is not a matter of time. */
const MOST = 6;

/** What happens by itself while nobody does anything: each change of what the locks hold and of the alarms. */
export function stateAfterDelay(world: World, from: SimState): Later[] {
  const told: Later[] = [];
  let last = seen(world, from);
  for (let state = afterNext(world, from); state !== null; state = afterNext(world, state)) {
    if (state.now > from.now + AHEAD_MS || told.length === MOST) break;
    const now = seen(world, state);
    if (now.key !== last.key) told.push({ after: state.now - from.now, hold: now.hold, alarms: now.alarms });
    last = now;
  }
  return told;
}

function seen(world: World, state: SimState) {
  const hold = doorHold(lockStatuses(world, state.point));
  const alarms = [...state.alarms].sort();
  return { hold, alarms, key: `${hold} ${alarms.join()}` };
}
