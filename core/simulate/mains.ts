import type { Feed } from '../circuit/index';
import { batteryFeed } from './battery';
import { inOrder } from './exchange';
import type { SimState, Timer } from './simState';
import type { World } from './world';

/** How often a battery's voltage is taken anew while the mains is off, ms. */
const BATTERY_TICK_MS = 60_000;
/** Whose timer it is that takes charge out of the batteries. */
export const BATTERY = 'battery';

/** Every supply on the mains, or on its battery, or off where it has none. */
export function setMains(world: World, state: SimState, on: boolean): SimState {
  const feeds = new Map<string, Feed>();
  for (const branch of world.netlist.branches) {
    if (branch.kind !== 'source') continue;
    if (on) feeds.set(branch.id, { kind: 'mains' });
    else if (branch.battery)
      feeds.set(branch.id, batteryFeed(branch.battery, state.charge.get(branch.id) ?? 0));
    else feeds.set(branch.id, { kind: 'off' });
  }
  withoutCable(world, state, feeds);
  const others = state.queue.filter((timer) => timer.device !== BATTERY);
  if (on) return { ...state, feeds, queue: others };
  const sequence = state.sequence + 1;
  const tick: Timer = { at: state.now + BATTERY_TICK_MS, sequence, device: BATTERY, name: 'tick' };
  return { ...state, feeds, sequence, queue: inOrder([...others, tick]) };
}

/** Sources that are fed over a network cable, by branch id. */
const byCable = ({ netlist, byId }: World): string[] =>
  netlist.branches.flatMap((branch) =>
    branch.kind === 'source' && byId.get(branch.device)?.type.poe ? [branch.id] : [],
  );

/** Turns off what is fed over a network that is lost, in feeds that are made anew. */
export function withoutCable(
  world: World,
  { network }: SimState,
  feeds: Map<string, Feed>,
): Map<string, Feed> {
  if (!network) for (const id of byCable(world)) feeds.set(id, { kind: 'off' });
  return feeds;
}

/** Feeds after the network was lost or came back: what its cable feeds is off, or is as all else is. */
export function overCable(world: World, state: SimState, before: boolean): ReadonlyMap<string, Feed> {
  if (state.network === before) return state.feeds;
  const feeds = new Map(state.feeds);
  if (!state.network) return withoutCable(world, state, feeds);
  for (const id of byCable(world)) feeds.delete(id);
  return feeds;
}

/** Takes a minute's charge out of every battery in use and lowers its voltage accordingly. */
export function drainBatteries(world: World, state: SimState): SimState {
  const charge = new Map(state.charge);
  world.netlist.branches.forEach((branch, index) => {
    if (branch.kind !== 'source' || state.feeds.get(branch.id)?.kind !== 'battery') return;
    const drawn = (Math.max(0, -(state.point.amps[index] ?? 0)) * BATTERY_TICK_MS) / 3_600_000;
    charge.set(branch.id, Math.max(0, (charge.get(branch.id) ?? 0) - drawn));
  });
  // What is off stays off: a door that was made dead meanwhile has no battery in use.
  if (![...state.feeds.values()].some(({ kind }) => kind === 'battery')) return { ...state, charge };
  return setMains(world, { ...state, charge }, false);
}
