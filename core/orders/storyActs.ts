import type { Act } from '../plan/index';
import { atRest, type Stimulus, type World } from '../simulate/index';
import { eventsOf, type OrderEvent } from './events';
import { stepIn } from './explore';

type Kind = Stimulus['kind'];
type Told = { [K in Kind]?: (stimulus: Extract<Stimulus, { kind: K }>, at: number) => Act[] };

/** What is done, as acts of a scenario. */
const ACTS: Told = {
  credential: ({ valid, device = null, output = 0 }, at) => [
    { does: 'credential', at, valid, device, output },
  ],
  press: ({ device, key = null }, at) => [{ does: 'press', at, device, key }],
  openDoor: ({ from, leaf }, at) => [
    { does: 'open', at, from, expect: null, ...(leaf === 2 ? { leaf } : {}) },
  ],
  closeDoor: (_, at) => [{ does: 'close', at }],
  otherDoors: ({ open }, at) => [{ does: open ? 'others-open' : 'others-shut', at }],
  breakGlass: ({ device }, at) => [{ does: 'break-glass', at, device }],
  resetGlass: ({ device }, at) => [{ does: 'reset-glass', at, device }],
  fire: (_, at) => [{ does: 'fire', at }],
  fireGone: (_, at) => [{ does: 'fire-gone', at }],
  fireReset: (_, at) => [{ does: 'fire-reset', at }],
  mains: ({ on }, at) => [{ does: on ? 'mains-on' : 'mains-off', at }],
  network: ({ on }, at) => [{ does: on ? 'network-on' : 'network-off', at }],
  lockdown: ({ on }, at) => [{ does: on ? 'lockdown' : 'lockdown-over', at }],
  hours: ({ on }, at) => [{ does: on ? 'hours' : 'hours-over', at }],
  batteryAt: (_, at) => [{ does: 'battery-empty', at }],
  dead: ({ on }, at) => [{ does: on ? 'all-dead' : 'mains-on', at }],
  hang: ({ devices }, at) => devices.map((device) => ({ does: 'hang', at, device })),
  restart: ({ devices }, at) => devices.map((device) => ({ does: 'restart', at, device })),
};

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
    const told = stimulus && (ACTS[stimulus.kind] as ((one: Stimulus, at: number) => Act[]) | undefined);
    if (stimulus && told) acts.push(...told(stimulus, state.now - begun));
    state = stepIn(world, state, event).state;
  }
  return { acts, until: state.now - begun + AFTER_MS };
}
