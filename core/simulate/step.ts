import { settle, type Feed } from '../circuit/index';
import { deliver, exchange, type Step } from './exchange';
import { BATTERY, drainBatteries } from './mains';
import { changedBy } from './stimuli';
import type { Effect, SimState, Stimulus } from './simState';
import type { World } from './world';

/** The door at rest: mains on, door shut, nobody there, every board started. */
export function atRest(world: World): SimState {
  const charge = new Map<string, number>();
  for (const branch of world.netlist.branches) {
    if (branch.kind === 'source' && branch.battery) charge.set(branch.id, branch.battery.ampHours);
  }
  const blank = {
    states: new Set<string>(),
    feeds: new Map<string, Feed>(),
    cut: new Set<string>(),
    failed: new Set<string>(),
  };
  const first: SimState = {
    ...blank,
    now: 0,
    sequence: 0,
    charge,
    hung: new Set(),
    doorOpen: false,
    network: true,
    lockdown: false,
    hours: false,
    memory: {},
    queue: [],
    readings: new Map(),
    boards: new Map(),
    alarms: new Set(),
    point: settle(world.netlist, blank),
    unstable: false,
  };
  // Boards start and inputs are read for the first time: what is not as it should be at rest shows at once.
  return { ...exchange(world, first, first, []).state, queue: [], alarms: new Set() };
}

/** What happens to the door at this instant. Pure; nothing waits. */
export function stimulate(world: World, before: SimState, stimulus: Stimulus): Step {
  const known = stepsFrom(world, before);
  const key = JSON.stringify(stimulus);
  const step = known.get(key) ?? happens(world, before, stimulus);
  known.set(key, step);
  return step;
}

const steps = new WeakMap<World, WeakMap<SimState, Map<string, Step>>>();

/** What was found to happen to a door in a state: proof, power and rules ask the same of it, and nothing depends on when. */
function stepsFrom(world: World, state: SimState): Map<string, Step> {
  const ofWorld = steps.get(world) ?? new WeakMap<SimState, Map<string, Step>>();
  steps.set(world, ofWorld);
  const ofState = ofWorld.get(state) ?? new Map<string, Step>();
  ofWorld.set(state, ofState);
  return ofState;
}

/** The same, not kept: for whoever asks each once. */
export function happens(world: World, before: SimState, stimulus: Stimulus): Step {
  const effects: Effect[] = [];
  const state = changedBy(world, before, stimulus, effects);
  return exchange(world, before, state, effects);
}

/** The circuit is another than the one this state was settled in: it settles anew, and devices answer. */
export const resettle = (world: World, state: SimState): SimState => exchange(world, state, state, []).state;

/** Lets time pass up to `until`, working off timers in order of time, then of sequence. */
export function advance(world: World, from: SimState, until: number): Step {
  let state = from;
  const effects: Effect[] = [];
  for (;;) {
    const due = dueBy(state, until);
    if (!due) break;
    state = exchange(world, due, timerRun(world, due, state, effects), effects).state;
  }
  return { state: { ...state, now: Math.max(state.now, until) }, effects };
}

const lapses = new WeakMap<World, WeakMap<SimState, SimState | null>>();

/**
 * The door when the next timer has run, and all that are due at that moment; null where none is due. The charge of batteries is left
 * out: how long they last is a matter of their own.
 */
export function afterNext(world: World, state: SimState): SimState | null {
  const ofWorld = lapses.get(world) ?? new WeakMap<SimState, SimState | null>();
  lapses.set(world, ofWorld);
  const known = ofWorld.get(state);
  if (known !== undefined) return known;
  const calm = withoutBattery(state);
  const [due] = calm.queue;
  const next = due ? advance(world, calm, due.at).state : null;
  ofWorld.set(state, next);
  return next;
}

/** The same state with nothing due that takes charge out of a battery. */
export const withoutBattery = (state: SimState): SimState =>
  state.queue.some(({ device }) => device === BATTERY)
    ? { ...state, queue: state.queue.filter(({ device }) => device !== BATTERY) }
    : state;

/** The moment at which the next timer is due, that timer taken off the queue; null where none is due by then. */
export function dueBy(state: SimState, until: number): SimState | null {
  const due = state.queue[0];
  if (!due || due.at > until) return null;
  return { ...state, now: due.at, queue: state.queue.slice(1) };
}

/** What the timer that was first in `queued` does at the moment it is due. */
export function timerRun(world: World, due: SimState, queued: SimState, effects: Effect[]): SimState {
  const { device, name } = queued.queue[0]!;
  return device === BATTERY
    ? drainBatteries(world, due)
    : deliver(world, due, device, { kind: 'timer', name }, effects);
}
