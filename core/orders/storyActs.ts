import { scenarioActs } from '../acts/index';
import type { Act } from '../plan/index';
import { atRest, type World } from '../simulate/index';
import { eventsOf, type OrderEvent } from './events';
import { stepIn } from './explore';

/** How long is watched after the last thing that happens, ms. */
const AFTER_MS = 6000;

/** The events of a story, by their ids. Throws for one that this door does not know. */
export function eventsIn(world: World, story: readonly string[]): OrderEvent[] {
  const events = new Map(eventsOf(world).map((event) => [event.id, event]));
  return story.map((id) => {
    const event = events.get(id);
    if (!event) throw new Error(`no event "${id}" at this door`);
    return event;
  });
}

/** A story as a scenario: what happens at which moment, played to know when timers are due. */
export function storyActs(world: World, story: readonly string[]): { acts: Act[]; until: number } {
  let state = atRest(world);
  const begun = state.now;
  const acts: Act[] = [];
  for (const event of eventsIn(world, story)) {
    const { stimulus } = event;
    if (stimulus) acts.push(...scenarioActs(stimulus, state.now - begun));
    state = stepIn(world, state, event).state;
  }
  return { acts, until: state.now - begun + AFTER_MS };
}
