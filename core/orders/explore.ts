import {
  advance,
  atRest,
  BATTERY,
  happens,
  remembering,
  type Effect,
  type SimState,
  type World,
} from '../simulate/index';
import { eventsOf, type OrderEvent } from './events';
import {
  ghostAfter,
  NO_FIRE,
  PROMISES,
  watched,
  type Ghost,
  type PromiseId,
  type Watched,
} from './promises/index';
import { stateFingerprints } from './stateFingerprint';

/** How far is looked. */
export interface Bounds {
  /** States that are kept at most. */
  readonly states: number;
  /** Events in a row at most. */
  readonly depth: number;
}

/** A promise that does not hold, with the shortest row of events that breaks it. */
export interface BrokenPromise {
  readonly promise: PromiseId;
  /** Ids of events, in their order; the last one breaks it. */
  readonly story: readonly string[];
}

export interface OrdersReport {
  readonly broken: readonly BrokenPromise[];
  readonly notAsked: Watched['notAsked'];
  /** States that differ in anything that could matter later. */
  readonly states: number;
  /** Events that were tried in them. */
  readonly tried: number;
  /** Rows of so many events were all looked at. */
  readonly depth: number;
  /** True where no state is left that was not looked at: then rows of any length are covered. */
  readonly exhausted: boolean;
}

/** One step of an exploration: whatever happened, in whatever way it was brought about. */
export interface Stepper {
  readonly events: readonly OrderEvent[];
  readonly watch: Watched;
  readonly rest: SimState;
  step(state: SimState, event: OrderEvent): { readonly state: SimState; readonly effects: readonly Effect[] };
}

/** Time that passes until the next timer, or what is done: without a clock of its own for batteries. */
export function stepIn(world: World, state: SimState, { stimulus }: OrderEvent): ReturnType<Stepper['step']> {
  const next = stimulus
    ? happens(world, state, stimulus)
    : advance(world, state, state.queue.find(({ device }) => device !== BATTERY)?.at ?? state.now);
  const { queue } = next.state;
  if (!queue.some(({ device }) => device === BATTERY)) return next;
  return { ...next, state: { ...next.state, queue: queue.filter(({ device }) => device !== BATTERY) } };
}

/** So many states are expanded between two words on how far it is. */
const CHUNK = 2000;

/**
 * Every order of events from rest, the shortest first: breadth first over states that are merged where everything that can follow
 * is the same. Says now and then how far it is; a caller may stop at any. A promise is told with the first row that breaks it,
 * which is a shortest one.
 */
export function* exploreOrders(world: World, bounds: Bounds): Generator<OrdersReport, OrdersReport> {
  const memory = remembering(world);
  const keyOf = stateFingerprints(memory);
  const events = eventsOf(world);
  const watch = watched(world);
  const rest = atRest(memory.world);
  const seen = new Set<string>();
  const states: (SimState | null)[] = [];
  const ghosts: Ghost[] = [];
  const parents: number[] = [];
  const by: number[] = [];
  const depths: number[] = [];
  const broken = new Map<PromiseId, readonly string[]>();
  let [tried, depth, next, cut] = [0, 0, 0, false];
  const put = (state: SimState, ghost: Ghost, parent: number, event: number): void => {
    const key = `${ghost} ${keyOf(state)}`;
    if (seen.has(key)) return;
    if (states.length >= bounds.states) {
      cut = true;
      return;
    }
    seen.add(key);
    states.push(state);
    ghosts.push(ghost);
    parents.push(parent);
    by.push(event);
    depths.push(parent < 0 ? 0 : depths[parent]! + 1);
  };
  const storyTo = (index: number): string[] => {
    const story: string[] = [];
    for (let at = index; parents[at]! >= 0; at = parents[at]!) story.unshift(events[by[at]!]!.id);
    return story;
  };
  const breaks = (promise: PromiseId, story: () => readonly string[]): void => {
    if (!broken.has(promise) && !watch.notAsked.has(promise)) broken.set(promise, story());
  };
  const report = (): OrdersReport => ({
    broken: PROMISES.flatMap((promise) => {
      const story = broken.get(promise);
      return story ? [{ promise, story }] : [];
    }),
    notAsked: watch.notAsked,
    states: states.length,
    tried,
    depth,
    exhausted: !cut && next >= states.length,
  });
  put(rest, NO_FIRE, -1, -1);
  // A door that is not locked when nothing has happened keeps nobody out.
  for (const promise of watch.brokenBy({
    before: rest,
    event: events[0]!,
    after: rest,
    effects: [],
    ghost: NO_FIRE,
  }))
    if (promise === 'locks-again') breaks(promise, () => []);
  for (; next < states.length; next += 1) {
    const state = states[next]!;
    if (depths[next]! >= bounds.depth) {
      cut = true;
      break;
    }
    depth = depths[next]!;
    const ends: SimState[] = [];
    for (let index = 0; index < events.length; index += 1) {
      const event = events[index]!;
      if (!event.may(state)) continue;
      tried += 1;
      const { state: after, effects } = stepIn(memory.world, state, event);
      if (event.leaves) ends.push(after);
      const ghost = ghostAfter(ghosts[next]!, event);
      if (broken.size < PROMISES.length)
        for (const promise of watch.brokenBy({ before: state, event, after, effects, ghost }))
          breaks(promise, () => [...storyTo(next), event.id]);
      put(after, ghost, next, index);
    }
    if (watch.isTrap(state, ends)) breaks('way-out', () => storyTo(next));
    states[next] = null;
    if (next % CHUNK === CHUNK - 1) yield report();
  }
  return report();
}
