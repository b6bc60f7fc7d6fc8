import { neighboursOf, type World } from '../simulate/index';
import type { Act } from './act';
import { doneAt } from './byReach';
import { coupledWith } from './coupled';

const known = new WeakMap<World['inhabitants'], Map<string, readonly Act[]>>();

/**
 * What people do at the other doors of this circuit that may reach this one: cards, exits, glasses, lids, whatever is coupled with it
 * by more than a supply. Answering stations are left out: to release a door from afar is what they are there for.
 */
export function neighbourActs(world: World): readonly Act[] {
  const byDoor = known.get(world.inhabitants) ?? new Map<string, readonly Act[]>();
  known.set(world.inhabitants, byDoor);
  const before = byDoor.get(world.door.id);
  if (before) return before;
  const { doors } = neighboursOf(world);
  const coupled = doors.length > 0 ? coupledWith(world) : null;
  const found = coupled
    ? doors.flatMap((id) =>
        doneAt({ inhabitants: world.inhabitants, door: { id } }).filter(
          ({ at, needs, purpose, stimulus }) =>
            needs !== 'panel' &&
            !(purpose === 'call' && stimulus.kind === 'press' && stimulus.key !== undefined) &&
            coupled.reaches(at),
        ),
      )
    : [];
  byDoor.set(world.door.id, found);
  return found;
}
