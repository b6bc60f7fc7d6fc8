import { does, functionOf } from '../devices/index';
import { withNewFuses, type Feed } from '../circuit/index';
import type { Signal } from '../functions/index';
import { readCard, type CardRead, type SettleUnder } from './cardRead';
import { deliver, exchange, moveDoor, moveOthers, toldAgain } from './exchange';
import { keyTurns, leafThatGives, leverOpens, lockStatuses } from './lockStatus';
import { settleState } from './settleState';
import { overCable, setMains, withoutCable } from './mains';
import type { Effect, SimState, Stimulus } from './simState';
import type { Inhabitant, World } from './world';

/** What a stimulus changes at once, before the circuit settles and devices answer. */
export const changedBy = (world: World, state: SimState, stimulus: Stimulus, effects: Effect[]): SimState =>
  STIMULI[stimulus.kind](world, state, stimulus as never, effects);

type Handle<K extends Stimulus['kind']> = (
  world: World,
  state: SimState,
  stimulus: Extract<Stimulus, { kind: K }>,
  effects: Effect[],
) => SimState;

const STIMULI: { [K in Stimulus['kind']]: Handle<K> } = {
  credential: presentCredential,
  press: (world, state, { device, key, held }, effects) =>
    deliver(
      world,
      state,
      device,
      { kind: 'press', ...(key ? { key } : {}), ...(held === undefined ? {} : { held }) },
      effects,
    ),
  breakGlass: (world, state, { device }, effects) =>
    deliver(world, state, device, { kind: 'break' }, effects),
  resetGlass: (world, state, { device }, effects) =>
    deliver(world, state, device, { kind: 'reset' }, effects),
  openDoor: (world, state, { from, leaf }, effects) => {
    if (state.doorOpen) return state;
    const turned = from === 'inside' ? turnLever(world, state, effects) : state;
    return pushDoor(world, turned, from, leaf ?? 1, effects);
  },
  closeDoor: (world, state, _stimulus, effects) =>
    state.doorOpen ? moveDoor(world, state, false, effects) : state,
  otherDoors: (world, state, { open }) => moveOthers(world, state, open),
  fire: (world, state, { device }, effects) =>
    device === undefined
      ? toAll(world, state, { kind: 'fire' }, effects)
      : deliver(world, state, device, { kind: 'fire' }, effects),
  fireGone: (world, state, _stimulus, effects) => toAll(world, state, { kind: 'fireGone' }, effects),
  fireReset: (world, state, _stimulus, effects) => toAll(world, state, { kind: 'fireReset' }, effects),
  mains: (world, state, { on }) => setMains(world, state, on),
  network: (world, state, { on }, effects) => {
    const heard = toAll(world, { ...state, network: on }, { kind: 'network', on }, effects);
    // What was called or ended meanwhile is told as soon as somebody hears.
    const next = on ? toAll(world, heard, { kind: 'lockdown', on: state.lockdown }, effects) : heard;
    return { ...next, feeds: overCable(world, next, state.network) };
  },
  lockdown: (world, state, { on }, effects) => {
    const next = { ...state, lockdown: on };
    return state.network ? toAll(world, next, { kind: 'lockdown', on }, effects) : next;
  },
  hours: (world, state, { on }, effects) =>
    toAll(world, { ...state, hours: on }, { kind: 'hours', on }, effects),
  batteryAt: (world, state, { share }) => {
    const charge = new Map(state.charge);
    for (const branch of world.netlist.branches) {
      if (branch.kind === 'source' && branch.battery) charge.set(branch.id, branch.battery.ampHours * share);
    }
    return setMains(world, { ...state, charge }, false);
  },
  dead: (world, state, { on, devices }) => {
    const feeds = new Map<string, Feed>(devices ? state.feeds : []);
    for (const branch of world.netlist.branches) {
      if (branch.kind !== 'source' || (devices && !devices.includes(branch.device))) continue;
      if (on) feeds.set(branch.id, { kind: 'off' });
      else feeds.delete(branch.id);
    }
    return { ...state, feeds: withoutCable(world, state, feeds) };
  },
  newFuses: ({ netlist }, state, { device }) => ({
    ...state,
    point: withNewFuses(netlist, state.point, device),
  }),
  cut: (_world, state, { conductor }) => ({ ...state, cut: new Set([...state.cut, conductor]) }),
  mend: (_world, state, { conductor }) => ({
    ...state,
    cut: new Set([...state.cut].filter((other) => other !== conductor)),
  }),
  hang: (_world, state, { devices }) => ({ ...state, hung: new Set([...state.hung, ...devices]) }),
  restart: (world, state, { devices }, effects) => {
    const hung = new Set([...state.hung].filter((one) => !devices.includes(one)));
    let now: SimState = { ...state, hung };
    for (const device of devices) {
      if (!state.hung.has(device)) continue;
      now = deliver(world, now, device, { kind: 'power', on: false }, effects);
      now = toldAgain(
        world,
        deliver(world, now, device, { kind: 'power', on: true }, effects),
        device,
        effects,
      );
      // Whatever starts reads its inputs anew: a leaf that stood open all the while stands open now.
      for (const [id, reading] of state.readings) {
        const cut = id.lastIndexOf(':');
        if (id.slice(0, cut) !== device || reading === 'dead') continue;
        const input = id.slice(cut + 1);
        now = deliver(world, now, device, { kind: 'input', input, reading, before: 'dead' }, effects);
      }
    }
    return now;
  },
  fail: (world, state, { devices }) => {
    const boards = world.netlist.branches.filter(
      (branch) => branch.kind === 'electronic' && devices.includes(branch.device),
    );
    return { ...state, failed: new Set([...state.failed, ...boards.map((board) => board.id)]) };
  },
};

function toAll(world: World, state: SimState, signal: Signal, effects: Effect[]): SimState {
  return world.inhabitants.reduce(
    (sum, { device }) => deliver(world, sum, device.id, signal, effects),
    state,
  );
}

/** The lever's own contact moves before the latch does, and the system hears of it first. */
function turnLever(world: World, state: SimState, effects: Effect[]): SimState {
  const levers = world.inhabitants.filter(
    ({ device, type }) => device.door === world.door.id && does(type, 'lever', 'delayedEgress'),
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
  from: 'inside' | 'outside' | 'force' | 'key',
  torn: 1 | 2,
  effects: Effect[],
): SimState {
  if (from === 'force') return moveDoor(world, state, true, effects, torn);
  const gives = leafThatGives(lockStatuses(world, state.point));
  const unlatches = (from === 'inside' && leverOpens(world)) || (from === 'key' && keyTurns(world));
  if (gives === null && !unlatches) {
    effects.push({ at: state.now, kind: 'door-refused' });
    return state;
  }
  return moveDoor(world, state, true, effects, gives ?? 1);
}

/** A card at a reader travels through the wires; a code or card at a keypad is judged on the spot. */
function presentCredential(world: World, state: SimState, stimulus: Credential, effects: Effect[]): SimState {
  const target = presentedTo(world, stimulus);
  if (!target) return state;
  const { device, type } = target;
  const at = state.now;
  const own = functionOf(type, 'ownCodes');
  if (own) {
    if (state.boards.get(`${device.id}:${own.board}`) !== true) {
      effects.push({ at, kind: 'no-answer', device: device.id });
      return state;
    }
    const inner = device.place === 'inside';
    const signal = asked(stimulus, stimulus.output ?? 0, stimulus.valid, inner);
    return deliver(world, state, device.id, signal, effects);
  }
  const isRemembered = world.settledBy?.netlist === world.netlist;
  const read = readCard(
    world,
    state,
    target,
    isRemembered ? (conditions) => settleState(world, { ...state, ...conditions }).point : undefined,
  );
  effects.push({ at, kind: 'card-read', device: device.id, outcome: read.outcome });
  if (read.controller === null || (read.outcome !== 'read' && read.outcome !== 'lines-swapped')) return state;
  const valid = stimulus.valid && read.outcome === 'read';
  // Another card is another number wherever it is heard; one that is known to one controller is known to the others on its lines.
  return [{ ...read, controller: read.controller }, ...(read.also ?? [])].reduce(
    (now, { controller, channel, inner }) =>
      deliver(world, now, controller, asked(stimulus, channel, valid, inner), effects),
    state,
  );
}

/** What reaches whoever judges a credential. */
const asked = ({ who }: Credential, channel: number, valid: boolean, inner: boolean): Signal => ({
  kind: 'credential',
  channel,
  valid,
  ...(who === undefined ? {} : { who }),
  ...(inner ? { inner } : {}),
});

export type Credential = Extract<Stimulus, { kind: 'credential' }>;

/** The device that is meant: the one that is named, or the first outside, or the first. */
export function presentedTo(
  { inhabitants, door }: World,
  { device: wanted }: Credential,
): Inhabitant | undefined {
  // One that is named may stand at another door of this circuit: what decides there may decide here.
  if (wanted) return inhabitants.find(({ device }) => device.id === wanted);
  const here = inhabitants.filter(({ device }) => device.door === door.id);
  return (
    here.find(({ device, type }) => isEntry(type) && device.place === 'outside') ??
    here.find(({ type }) => isEntry(type))
  );
}

/** How far a card comes that is presented now; null where what takes it judges it by itself. */
export function readAt(
  world: World,
  state: SimState,
  stimulus: Credential,
  under?: SettleUnder,
): CardRead | null {
  const target = presentedTo(world, stimulus);
  return target && !does(target.type, 'ownCodes') ? readCard(world, state, target, under) : null;
}

const isEntry = (type: Inhabitant['type']): boolean => does(type, 'reader', 'busReader', 'ownCodes');
