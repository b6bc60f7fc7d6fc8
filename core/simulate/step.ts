import { settle, type Feed } from '../circuit/index';
import { react, type Reaction, type Signal } from './behaviours/index';
import { batteryFeed } from './battery';
import { readCard } from './cardRead';
import { doorHold, leverOpens, lockStatuses } from './lockStatus';
import { settleState } from './settleState';
import type { Alarm, Effect, SimState, Stimulus, Timer } from './simState';
import type { Inhabitant, World } from './world';

/** Rounds in which behaviours may answer each other at one instant before the door counts as unstable. */
const MAX_EXCHANGES = 40;
/** How often a battery's voltage is taken anew while the mains is off, ms. */
const BATTERY_TICK_MS = 60_000;
const BATTERY = 'battery';

export interface Step {
  readonly state: SimState;
  readonly effects: readonly Effect[];
}

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

function happens(world: World, before: SimState, stimulus: Stimulus): Step {
  const effects: Effect[] = [];
  const state = STIMULI[stimulus.kind](world, before, stimulus as never, effects);
  return exchange(world, before, state, effects);
}

/** Lets time pass up to `until`, working off timers in order of time, then of sequence. */
export function advance(world: World, from: SimState, until: number): Step {
  let state = from;
  const effects: Effect[] = [];
  for (;;) {
    const due = state.queue[0];
    if (!due || due.at > until) break;
    const before = { ...state, now: due.at, queue: state.queue.slice(1) };
    const next =
      due.device === BATTERY
        ? drainBatteries(world, before)
        : deliver(world, before, due.device, { kind: 'timer', name: due.name }, effects);
    const step = exchange(world, before, next, effects);
    state = step.state;
  }
  return { state: { ...state, now: Math.max(state.now, until) }, effects };
}

/** Settles the circuit and lets devices answer what changed, until nothing changes any more. */
function exchange(world: World, before: SimState, changed: SimState, effects: Effect[]): Step {
  let last = before;
  let state = settleState(world, changed);
  for (let round = 0; ; round += 1) {
    const signals = signalsBetween(last, state);
    if (signals.length === 0) break;
    if (round === MAX_EXCHANGES) {
      state = { ...state, unstable: true };
      break;
    }
    last = state;
    for (const { device, signal } of signals) state = deliver(world, state, device, signal, effects);
    if (state !== last) state = settleState(world, state);
  }
  return { state, effects };
}

interface Addressed {
  readonly device: string;
  readonly signal: Signal;
}

const NONE: readonly never[] = [];

/** Boards that started or stopped, inputs that changed: in the order of the netlist. */
function signalsBetween(before: SimState, after: SimState): Addressed[] {
  const signals: Addressed[] = [];
  for (const [id, on] of after.boards === before.boards ? NONE : after.boards) {
    if ((before.boards.get(id) ?? false) === on) continue;
    signals.push({ device: id.slice(0, id.lastIndexOf(':')), signal: { kind: 'power', on } });
  }
  for (const [id, reading] of after.readings === before.readings ? NONE : after.readings) {
    const was = before.readings.get(id) ?? 'dead';
    if (was === reading) continue;
    const cut = id.lastIndexOf(':');
    signals.push({
      device: id.slice(0, cut),
      signal: { kind: 'input', input: id.slice(cut + 1), reading, before: was },
    });
  }
  return signals;
}

function deliver(world: World, state: SimState, device: string, signal: Signal, effects: Effect[]): SimState {
  const self = world.byId.get(device);
  if (!self || state.hung.has(device)) return state;
  const reaction = react(self, state.memory[device] ?? {}, signal);
  const next = perform(state, self, reaction, effects);
  return reaction.door ? moveByOperator(world, next, reaction.door, effects) : next;
}

/** An operator opens only a leaf that the lock lets go, and closes any. */
function moveByOperator(world: World, state: SimState, door: 'open' | 'close', effects: Effect[]): SimState {
  if ((door === 'open') === state.doorOpen) return state;
  if (door === 'open' && doorHold(lockStatuses(world, state.point)) === 'held') {
    effects.push({ at: state.now, kind: 'door-refused' });
    return state;
  }
  return moveDoor(world, state, door === 'open', effects);
}

function perform(state: SimState, self: Inhabitant, reaction: Reaction, effects: Effect[]): SimState {
  const id = self.device.id;
  const at = state.now;
  const states = new Set(state.states);
  for (const [name, on] of Object.entries(reaction.set ?? {})) {
    const key = `${id}:${name}`;
    if (states.has(key) === on) continue;
    if (on) states.add(key);
    else states.delete(key);
    effects.push({ at, kind: 'relay', state: key, on });
  }
  const alarms = new Set(state.alarms);
  for (const [alarm, on] of Object.entries(reaction.alarms ?? {}) as [Alarm, boolean][]) {
    if (alarms.has(alarm) === on) continue;
    if (on) alarms.add(alarm);
    else alarms.delete(alarm);
    effects.push({ at, kind: 'alarm', alarm, on });
  }
  if (reaction.answer) effects.push({ at, kind: reaction.answer, device: id });
  const cancelled = new Set(reaction.cancel);
  let { sequence } = state;
  const timers = (reaction.timers ?? []).map(({ name, after }): Timer => {
    sequence += 1;
    return { at: at + after, sequence, device: id, name };
  });
  const kept = state.queue.filter((timer) => timer.device !== id || !cancelled.has(timer.name));
  return {
    ...state,
    states,
    alarms,
    sequence,
    queue: inOrder([...kept, ...timers]),
    memory: reaction.memory ? { ...state.memory, [id]: reaction.memory } : state.memory,
  };
}

const inOrder = (queue: Timer[]): Timer[] => queue.sort((a, b) => a.at - b.at || a.sequence - b.sequence);

type Handle<K extends Stimulus['kind']> = (
  world: World,
  state: SimState,
  stimulus: Extract<Stimulus, { kind: K }>,
  effects: Effect[],
) => SimState;

const STIMULI: { [K in Stimulus['kind']]: Handle<K> } = {
  credential: presentCredential,
  press: (world, state, { device, key }, effects) =>
    deliver(world, state, device, { kind: 'press', ...(key ? { key } : {}) }, effects),
  breakGlass: (world, state, { device }, effects) =>
    deliver(world, state, device, { kind: 'break' }, effects),
  resetGlass: (world, state, { device }, effects) =>
    deliver(world, state, device, { kind: 'reset' }, effects),
  openDoor: (world, state, { from }, effects) => {
    if (state.doorOpen) return state;
    const turned = from === 'inside' ? turnLever(world, state, effects) : state;
    return pushDoor(world, turned, from, effects);
  },
  closeDoor: (world, state, _stimulus, effects) =>
    state.doorOpen ? moveDoor(world, state, false, effects) : state,
  fire: (world, state, { device }, effects) =>
    device === undefined
      ? toAll(world, state, { kind: 'fire' }, effects)
      : deliver(world, state, device, { kind: 'fire' }, effects),
  fireGone: (world, state, _stimulus, effects) => toAll(world, state, { kind: 'fireGone' }, effects),
  fireReset: (world, state, _stimulus, effects) => toAll(world, state, { kind: 'fireReset' }, effects),
  mains: (world, state, { on }) => setMains(world, state, on),
  batteryAt: (world, state, { share }) => {
    const charge = new Map(state.charge);
    for (const branch of world.netlist.branches) {
      if (branch.kind === 'source' && branch.battery) charge.set(branch.id, branch.battery.ampHours * share);
    }
    return setMains(world, { ...state, charge }, false);
  },
  dead: (world, state, { on }) => {
    const feeds = new Map<string, Feed>();
    for (const branch of world.netlist.branches) {
      if (branch.kind === 'source' && on) feeds.set(branch.id, { kind: 'off' });
    }
    return { ...state, feeds };
  },
  cut: (_world, state, { conductor }) => ({ ...state, cut: new Set([...state.cut, conductor]) }),
  mend: (_world, state, { conductor }) => ({
    ...state,
    cut: new Set([...state.cut].filter((other) => other !== conductor)),
  }),
  hang: (_world, state, { device }) => ({ ...state, hung: new Set([...state.hung, device]) }),
  fail: (world, state, { device }) => {
    const boards = world.netlist.branches.filter((b) => b.kind === 'electronic' && b.device === device);
    return { ...state, failed: new Set([...state.failed, ...boards.map((board) => board.id)]) };
  },
};

function toAll(world: World, state: SimState, signal: Signal, effects: Effect[]): SimState {
  return world.inhabitants.reduce(
    (sum, { device }) => deliver(world, sum, device.id, signal, effects),
    state,
  );
}

/** Moves the leaf; every contact that stands at this door follows it. */
function moveDoor(world: World, state: SimState, open: boolean, effects: Effect[]): SimState {
  effects.push({ at: state.now, kind: 'door', open });
  const states = new Set(state.states);
  for (const { device, type } of world.inhabitants) {
    if (device.door !== world.door.id || !feelsDoor(type)) continue;
    const key = `${device.id}:${DOOR_OPEN}`;
    if (open) states.add(key);
    else states.delete(key);
  }
  return { ...state, states, doorOpen: open };
}

const DOOR_OPEN = 'doorOpen';

/** A device with a contact that the leaf works: a reed, a bond sensor, a latch contact. */
const feelsDoor = (type: Inhabitant['type']): boolean =>
  type.parts.some(
    (part) => part.kind === 'contact' && (part.state === DOOR_OPEN || part.unless === DOOR_OPEN),
  );

/** The lever's own contact moves before the latch does, and the system hears of it first. */
function turnLever(world: World, state: SimState, effects: Effect[]): SimState {
  const levers = world.inhabitants.filter(
    ({ device, type }) => device.door === world.door.id && type.behaviour.kind === 'lever',
  );
  if (levers.length === 0) return state;
  const turned = levers.reduce(
    (current, { device }) => deliver(world, current, device.id, { kind: 'lever' }, effects),
    state,
  );
  return exchange(world, state, turned, effects).state;
}

function pushDoor(
  world: World,
  state: SimState,
  from: 'inside' | 'outside' | 'force',
  effects: Effect[],
): SimState {
  const free = doorHold(lockStatuses(world, state.point)) !== 'held';
  if (!free && from !== 'force' && !(from === 'inside' && leverOpens(world))) {
    effects.push({ at: state.now, kind: 'door-refused' });
    return state;
  }
  return moveDoor(world, state, true, effects);
}

/** A card at a reader travels through the wires; a code or card at a keypad is judged on the spot. */
function presentCredential(
  world: World,
  state: SimState,
  stimulus: Extract<Stimulus, { kind: 'credential' }>,
  effects: Effect[],
): SimState {
  const here = world.inhabitants.filter(({ device }) => device.door === world.door.id);
  const target = stimulus.device
    ? here.find(({ device }) => device.id === stimulus.device)
    : (here.find(({ device, type }) => isEntry(type) && device.place === 'outside') ??
      here.find(({ type }) => isEntry(type)));
  if (!target) return state;
  const { device, type } = target;
  const at = state.now;
  if (type.behaviour.kind === 'keypad') {
    if (state.boards.get(`${device.id}:${type.behaviour.board}`) !== true) {
      effects.push({ at, kind: 'no-answer', device: device.id });
      return state;
    }
    return deliver(
      world,
      state,
      device.id,
      { kind: 'credential', channel: stimulus.output ?? 0, valid: stimulus.valid },
      effects,
    );
  }
  const read = readCard(world, state, target);
  effects.push({ at, kind: 'card-read', device: device.id, outcome: read.outcome });
  if (read.controller === null || (read.outcome !== 'read' && read.outcome !== 'lines-swapped')) return state;
  const valid = stimulus.valid && read.outcome === 'read';
  return deliver(
    world,
    state,
    read.controller,
    { kind: 'credential', channel: read.channel, valid },
    effects,
  );
}

const isEntry = (type: Inhabitant['type']): boolean => type.family === 'reader' || type.family === 'keypad';

function setMains(world: World, state: SimState, on: boolean): SimState {
  const feeds = new Map<string, Feed>();
  for (const branch of world.netlist.branches) {
    if (branch.kind !== 'source') continue;
    if (on) feeds.set(branch.id, { kind: 'mains' });
    else if (branch.battery)
      feeds.set(branch.id, batteryFeed(branch.battery, state.charge.get(branch.id) ?? 0));
    else feeds.set(branch.id, { kind: 'off' });
  }
  const others = state.queue.filter((timer) => timer.device !== BATTERY);
  if (on) return { ...state, feeds, queue: others };
  const sequence = state.sequence + 1;
  const tick: Timer = { at: state.now + BATTERY_TICK_MS, sequence, device: BATTERY, name: 'tick' };
  return { ...state, feeds, sequence, queue: inOrder([...others, tick]) };
}

/** Takes a minute's charge out of every battery in use and lowers its voltage accordingly. */
function drainBatteries(world: World, state: SimState): SimState {
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
