import { atRest, type SimState, type World } from '../simulate/index';
import { eventsOf } from './events';
import { stepIn } from './explore';
import { ghostAfter, NO_FIRE, watched, type Ghost, type PromiseId } from './promises/index';

/**
 * The slow twin of the explorer: every row of so many events is walked for itself, nothing is merged and nothing remembered. Gives
 * the length of the shortest row that breaks each promise, and every state that was met, as `keyOf` names it.
 */
export function walkOrders(
  world: World,
  depth: number,
  keyOf: (state: SimState) => string,
): { readonly broken: ReadonlyMap<PromiseId, number>; readonly met: ReadonlySet<string> } {
  const events = eventsOf(world);
  const watch = watched(world);
  const broken = new Map<PromiseId, number>();
  const met = new Set<string>();
  const breaks = (promise: PromiseId, length: number): void => {
    if (!watch.notAsked.has(promise)) broken.set(promise, Math.min(length, broken.get(promise) ?? Infinity));
  };
  const walk = (state: SimState, ghost: Ghost, length: number): void => {
    met.add(`${ghost} ${keyOf(state)}`);
    if (length === depth) return;
    const ends: SimState[] = [];
    for (const event of events) {
      if (!event.may(state)) continue;
      const { state: after, effects } = stepIn(world, state, event);
      const next = ghostAfter(ghost, event);
      if (event.leaves) ends.push(after);
      for (const promise of watch.brokenBy({ before: state, event, after, effects, ghost: next }))
        breaks(promise, length + 1);
      walk(after, next, length + 1);
    }
    if (watch.isTrap(state, ends)) breaks('way-out', length);
  };
  const rest = atRest(world);
  const still = { before: rest, event: events[0]!, after: rest, effects: [], ghost: NO_FIRE };
  if (watch.brokenBy(still).includes('locks-again')) breaks('locks-again', 0);
  walk(rest, NO_FIRE, 0);
  return { broken, met };
}
