import { blownBetween } from '../circuit/index';
import { NOTHING, react, type Reaction, type Signal } from '../functions/index';
import { doorHold, lockStatuses } from './lockStatus';
import { settleState } from './settleState';
import type { Alarm, Effect, SimState, Timer } from './simState';
import type { Inhabitant, World } from './world';

/** Rounds in which behaviours may answer each other at one instant before the door counts as unstable. */
export const MAX_EXCHANGES = 40;

export interface Step {
  readonly state: SimState;
  readonly effects: readonly Effect[];
}

/** Settles the circuit and lets devices answer what changed, until nothing changes any more. */
export function exchange(world: World, before: SimState, changed: SimState, effects: Effect[]): Step {
  let last = before;
  let state = settleState(world, changed);
  tellFuses(world, changed, state, effects);
  for (let round = 0; ; round += 1) {
    const next = answered(world, last, state, round, effects);
    if (next === state || round === MAX_EXCHANGES) return { state: next, effects };
    last = state;
    state = settleState(world, next);
    tellFuses(world, last, state, effects);
  }
}

function tellFuses({ netlist }: World, last: SimState, state: SimState, effects: Effect[]): void {
  for (const index of blownBetween(netlist, last.point.on, state.point.on)) {
    const { id } = netlist.branches[index]!;
    effects.push({ at: state.now, kind: 'fuse', fuse: id, device: id.slice(0, id.lastIndexOf(':')) });
  }
}

/**
 * What devices make of a circuit that has settled: the very same state where nothing concerns them. After too many rounds the
 * door counts as unstable, and nobody answers any more.
 */
export function answered(
  world: World,
  last: SimState,
  state: SimState,
  round: number,
  effects: Effect[],
): SimState {
  const signals = signalsBetween(last, state);
  if (signals.length === 0) return state;
  if (round === MAX_EXCHANGES) return { ...state, unstable: true };
  let next = state;
  for (const { device, signal } of signals) {
    // A program that had stopped begins anew when its board has been without power.
    if (signal.kind === 'power' && !signal.on && next.hung.has(device))
      next = { ...next, hung: new Set([...next.hung].filter((one) => one !== device)) };
    next = deliver(world, next, device, signal, effects);
    if (signal.kind === 'power' && signal.on) next = toldAgain(world, next, device, effects);
  }
  return next;
}

/** A board that has started hears of the lockdown that is on, and knows what hours it is. */
export function toldAgain(world: World, state: SimState, device: string, effects: Effect[]): SimState {
  const locked =
    state.lockdown && state.network
      ? deliver(world, state, device, { kind: 'lockdown', on: true }, effects)
      : state;
  // Its clock has gone on meanwhile, on a cell of its own.
  return locked.hours ? deliver(world, locked, device, { kind: 'hours', on: true }, effects) : locked;
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

export function deliver(
  world: World,
  state: SimState,
  device: string,
  signal: Signal,
  effects: Effect[],
): SimState {
  const self = world.byId.get(device);
  if (!self || state.hung.has(device)) return state;
  const reaction = react(self, state.memory[device] ?? {}, signal);
  const next = perform(state, self, reaction, effects);
  return reaction.door ? moveByOperator(world, next, self, reaction.door, effects) : next;
}

/**
 * An operator opens only its own leaf, and only where the lock of that lets it go; it closes any. One of another door of this circuit moves
 * the leaf there: only what stands at that one feels it.
 */
function moveByOperator(
  world: World,
  state: SimState,
  { device: { door: its, leaf } }: Inhabitant,
  door: 'open' | 'close',
  effects: Effect[],
): SimState {
  const isOwn = its === world.door.id;
  const open = door === 'open';
  if (isOwn && open === state.doorOpen) return state;
  const locks = isOwn ? world.locks : world.beside.filter(({ device }) => device.door === its);
  const held =
    open &&
    doorHold(lockStatuses({ ...world, locks }, state.point).filter((lock) => lock.leaf === leaf)) === 'held';
  if (!isOwn)
    return held
      ? state
      : moved(world, state, open, (device) => device.door === its && (!open || device.leaf === leaf));
  if (held) {
    effects.push({ at: state.now, kind: 'door-refused' });
    return state;
  }
  return moveDoor(world, state, open, effects, leaf);
}

/** What a reaction makes of a state: the very same state where it changes nothing, and the same sets where it leaves them. */
function perform(state: SimState, self: Inhabitant, reaction: Reaction, effects: Effect[]): SimState {
  if (reaction === NOTHING) return state;
  const id = self.device.id;
  const at = state.now;
  let { states, alarms, queue, sequence } = state;
  for (const name in reaction.set) {
    const on = reaction.set[name]!;
    const key = `${id}:${name}`;
    if (states.has(key) === on) continue;
    states = withKey(states, key, on);
    effects.push({ at, kind: 'relay', state: key, on });
  }
  for (const name in reaction.alarms) {
    const alarm = name as Alarm;
    const on = reaction.alarms[alarm]!;
    if (alarms.has(alarm) === on) continue;
    alarms = withKey(alarms, alarm, on);
    effects.push({ at, kind: 'alarm', alarm, on });
  }
  if (reaction.passback) effects.push({ at, kind: 'passback', device: id });
  if (reaction.answer) effects.push({ at, kind: reaction.answer, device: id });
  const { cancel, timers, memory } = reaction;
  if (cancel && queue.some((timer) => timer.device === id && cancel.includes(timer.name)))
    queue = queue.filter((timer) => timer.device !== id || !cancel.includes(timer.name));
  if (timers && timers.length > 0) {
    const begun = timers.map(({ name, after }): Timer => {
      sequence += 1;
      return { at: at + after, sequence, device: id, name };
    });
    queue = inOrder([...queue, ...begun]);
  }
  if (states === state.states && alarms === state.alarms && queue === state.queue && !memory) return state;
  return {
    ...state,
    states,
    alarms,
    sequence,
    queue,
    memory: memory ? { ...state.memory, [id]: memory } : state.memory,
  };
}

/** A set with one key more or less. */
function withKey<T>(set: ReadonlySet<T>, key: T, on: boolean): Set<T> {
  const other = new Set(set);
  if (on) other.add(key);
  else other.delete(key);
  return other;
}

export const inOrder = (queue: Timer[]): Timer[] =>
  queue.sort((a, b) => a.at - b.at || a.sequence - b.sequence);

/** Moves a leaf; every contact that stands at it follows. What is shut is shut altogether. */
export function moveDoor(
  world: World,
  state: SimState,
  open: boolean,
  effects: Effect[],
  which: 1 | 2 = 1,
): SimState {
  effects.push({ at: state.now, kind: 'door', open });
  const its = ({ door, leaf }: Inhabitant['device']) => door === world.door.id && (!open || leaf === which);
  return { ...moved(world, state, open, its), doorOpen: open };
}

/** Moves the leaves of the other doors that are in this circuit: what stands at them feels it. */
export const moveOthers = (world: World, state: SimState, open: boolean): SimState =>
  moved(world, state, open, ({ door }) => door !== null && door !== world.door.id);

function moved(
  world: World,
  state: SimState,
  open: boolean,
  at: (device: Inhabitant['device']) => boolean,
): SimState {
  const states = new Set(state.states);
  for (const { device, type } of world.inhabitants) {
    if (!at(device) || !feelsDoor(type)) continue;
    const key = `${device.id}:${DOOR_OPEN}`;
    if (open) states.add(key);
    else states.delete(key);
  }
  return { ...state, states };
}

const DOOR_OPEN = 'doorOpen';

/** A device with a contact that the leaf works: a reed, a bond sensor, a latch contact. */
const feelsDoor = (type: Inhabitant['type']): boolean =>
  type.parts.some(
    (part) => part.kind === 'contact' && (part.state === DOOR_OPEN || part.unless === DOOR_OPEN),
  );
