import type { CardRead } from './cardRead';
import {
  isUntouched,
  ON,
  readInputAt,
  settleVolts,
  witness,
  type Conditions,
  type Defect,
  type InputReading,
  type OperatingPoint,
  type Witness,
} from '../circuit/index';
import { answered, MAX_EXCHANGES } from './exchange';
import { holdOf } from './lockStatus';
import { BATTERY } from './mains';
import type { Player } from './player';
import { conditionsOf, readState } from './settleState';
import type { SimState, Stimulus } from './simState';
import { dueBy, timerRun } from './step';
import { changedBy, readAt, type Credential } from './stimuli';
import type { World } from './world';

/**
 * What the devices of a door do, explored once. They know nothing of the circuit but what their inputs and boards read and
 * whether a lock holds: two circuits that read the same go the same way, however different their currents are. So what
 * follows from a reading is worked out when it is first met, and shared by every circuit with the same devices.
 */
export interface Explored {
  readonly rest: Settled;
  /** Numbers of the conditions that were met, by all that they say. */
  readonly conditions: Map<string, number>;
  /** States that work or hold a contact of the circuit; what else is true moves nothing in it. */
  readonly works: ReadonlyMap<string, unknown>;
  /** How the sound circuit settled: by where it began, then by its conditions. */
  readonly witnessed: Map<OperatingPoint, Map<number, Witness>>;
}

/** A door that has come to rest for now. Its state is that of the circuit that was here first. */
interface Settled {
  readonly kind: 'settled';
  /** Tells it from all others of the same exploration. */
  readonly id: number;
  readonly state: SimState;
  readonly next: Map<string, Pending | Settled>;
}

/** A circuit that is to be settled, with what follows from each way it may read then. */
interface Pending {
  readonly kind: 'pending';
  readonly state: SimState;
  readonly last: SimState;
  readonly round: number;
  readonly conditions: Conditions;
  /** Its conditions' number. */
  readonly number: number;
  readonly after: Map<string, Pending | Settled>;
}

/** A door of one circuit that has come to rest: what the devices do, and what flows. */
export interface Place {
  readonly at: Settled;
  readonly point: OperatingPoint;
}

let count = 0;
const settled = (state: SimState): Settled => ({ kind: 'settled', id: (count += 1), state, next: new Map() });

/** Conditions that say the same to the circuit have the same number. */
function numberOf(
  { conditions: numbers, works }: Pick<Explored, 'conditions' | 'works'>,
  { states, feeds, cut, failed }: Conditions,
): number {
  const worked = [...states].filter((state) => works.has(state)).sort();
  const said = JSON.stringify([worked, [...feeds], [...cut].sort(), [...failed].sort()]);
  const number = numbers.get(said) ?? numbers.size;
  numbers.set(said, number);
  return number;
}

function pending(explored: Explored, state: SimState, last: SimState, round: number): Pending {
  const conditions = conditionsOf(state);
  const number = numberOf(explored, conditions);
  return { kind: 'pending', state, last, round, conditions, number, after: new Map() };
}

/** The beginning of an exploration: the door at rest. */
export const explore = ({ netlist }: World, rest: SimState): Explored => ({
  rest: settled(rest),
  conditions: new Map(),
  works: netlist.fast.stateOf,
  witnessed: new Map(),
});

/**
 * The same exploration for another circuit of the same devices, wired alike: what the devices do is shared, what flows is not.
 * Only for a rest that reads and remembers the same.
 */
export const exploredAnew = (explored: Explored): Explored => ({ ...explored, witnessed: new Map() });

/** The state that a place stands for. */
export const stateAt = ({ at, point }: Place): SimState => ({ ...at.state, point });

/** Thrown where what happens hangs on more than readings: a battery in use, whose charge goes by the current. */
export class NotShared extends Error {}

/** Solves the circuits of one door: from where, under which conditions. */
export type Solver = (at: Pending, before: OperatingPoint) => OperatingPoint;

/** Solves the sound circuit, and keeps what was seen on the way; whatever is asked for is told to `seen`, each time. */
export function soundSolver(
  { netlist }: World,
  explored: Explored,
  rest: OperatingPoint,
  seen: (one: Witness) => void,
): Solver {
  const { witnessed } = explored;
  const numbers = new Map([[rest, numberOf(explored, conditionsOf(explored.rest.state))]]);
  return (at, before) => {
    const known = witnessed.get(before)?.get(at.number);
    if (known) {
      seen(known);
      return known.point;
    }
    const found = witness(netlist, at.conditions, before.on);
    // What does not move stays the point that it is.
    const stays = found.point.on.every((mode, branch) => mode === before.on[branch]);
    const same = stays && numbers.get(before) === at.number;
    const kept = same ? { ...found, point: before } : found;
    seen(kept);
    witnessed.set(before, (witnessed.get(before) ?? new Map<number, Witness>()).set(at.number, kept));
    numbers.set(kept.point, at.number);
    return kept.point;
  };
}

/** Solves a circuit with a defect; what the defect does not touch is what the sound one did. */
export function brokenSolver({ netlist }: World, { witnessed }: Explored, defect: Defect): Solver {
  const solved = new Map<OperatingPoint, Map<number, OperatingPoint>>();
  /** The same by what every part with a memory did: where a circuit begins, nothing else of it matters. */
  const byModes = new Map<string, OperatingPoint>();
  /** Points at which every part does what it does at a point of the sound circuit. */
  const alike = new Map<OperatingPoint, OperatingPoint>();
  return (at, before) => {
    const sound = witnessed.get(alike.get(before) ?? before)?.get(at.number);
    if (sound && isUntouched(sound, defect)) return sound.point;
    let from = solved.get(before);
    if (!from) solved.set(before, (from = new Map()));
    let point = from.get(at.number);
    if (!point) {
      const modes = `${at.number}${modesOf(netlist, before.on)}`;
      point = byModes.get(modes);
      if (!point) {
        point = settleVolts(netlist, at.conditions, before.on);
        byModes.set(modes, point);
      }
      from.set(at.number, point);
      // Under the same conditions it stays where it is.
      if (point.restless.length === 0) solved.set(point, new Map([[at.number, point]]));
      if (sound && isAlike(sound.point.on, point.on)) alike.set(point, sound.point);
    }
    return point;
  };
}

/** What the parts with a memory do, a letter each. */
function modesOf({ fast }: World['netlist'], on: Uint8Array): string {
  let modes = ' ';
  for (const index of fast.switching) modes += MODE_LETTERS[on[index] ?? 0];
  return modes;
}
const MODE_LETTERS = ['-', 'n', 'l'] as const;

/** A bridge is one branch more, and does nothing by itself. */
function isAlike(sound: Uint8Array, broken: Uint8Array): boolean {
  for (let branch = 0; branch < sound.length; branch += 1) {
    if (sound[branch] !== broken[branch]) return false;
  }
  return true;
}

/** Plays in one circuit, going the ways that are known. The world has the devices of the exploration. */
export function explorer(
  world: World,
  explored: Explored,
  solve: Solver,
  onRead?: (from: Place, stimulus: Credential) => void,
): Player<Place> & {
  /** What happens when the state is changed so from outside; `named` tells this change from others. */
  change(from: Place, named: string, to: (state: SimState) => SimState): Place;
} {
  const reads = new Map<OperatingPoint, Map<string, CardRead | null>>();
  const run = (from: Place, first: Pending | Settled): Place => {
    let { point } = from;
    let at = first;
    while (at.kind === 'pending') {
      point = solve(at, point);
      const key = readsOf(world, point);
      let next = at.after.get(key);
      if (!next) {
        next = follow(world, explored, at, point);
        at.after.set(key, next);
      }
      at = next;
    }
    return { at, point };
  };
  const change = (from: Place, named: string, to: (state: SimState) => SimState): Place => {
    let next = from.at.next.get(named);
    if (!next) {
      const state = stateAt(from);
      next = pending(explored, to(state), state, 0);
      from.at.next.set(named, next);
    }
    return run(from, next);
  };
  /** The same card at the same reader in the same circuit comes as far as it did. */
  const cardRead = (from: Place, stimulus: Credential): CardRead | null => {
    onRead?.(from, stimulus);
    const key = `${from.at.id} ${stimulus.device ?? ''}`;
    let here = reads.get(from.point);
    if (!here) reads.set(from.point, (here = new Map()));
    let read = here.get(key);
    if (read === undefined) here.set(key, (read = readAt(world, stateAt(from), stimulus)));
    return read;
  };
  const act = (from: Place, stimulus: Stimulus): Place => {
    let named = nameOf(stimulus);
    if (stimulus.kind === 'credential') {
      const read = cardRead(from, stimulus);
      if (read) named += ` ${read.outcome} ${read.controller} ${read.channel}`;
    }
    return change(from, named, (state) => changedBy(world, state, stimulus, []));
  };
  const wait = (from: Place, ms: number): Place => {
    const until = from.at.state.now + ms;
    let place = from;
    for (;;) {
      const { state, next } = place.at;
      const due = state.queue[0];
      if (!due || due.at > until) break;
      if (due.device === BATTERY) throw new NotShared();
      let timer = next.get('timer');
      if (!timer) {
        const here = stateAt(place);
        const then = dueBy(here, until)!;
        timer = pending(explored, timerRun(world, then, here, []), then, 0);
        next.set('timer', timer);
      }
      place = run(place, timer);
    }
    const named = `until ${until}`;
    let end = place.at.next.get(named);
    if (!end) {
      end = settled({ ...place.at.state, now: Math.max(place.at.state.now, until) });
      place.at.next.set(named, end);
    }
    return run(place, end);
  };
  return { act, wait, change, isOpen: ({ at }) => at.state.doorOpen };
}

/** What follows when a circuit has settled so. */
function follow(world: World, explored: Explored, at: Pending, point: OperatingPoint): Pending | Settled {
  const state = readState(world, at.state, point);
  const next = answered(world, at.last, state, at.round, []);
  if (next === state || at.round === MAX_EXCHANGES) return settled(next);
  return pending(explored, next, state, at.round + 1);
}

const READ: Readonly<Record<InputReading, string>> = {
  closed: 'c',
  open: 'o',
  unsure: 'u',
  trouble: 't',
  dead: 'd',
};

/** All that the devices of a door, and whoever pushes it, can know of a circuit. */
export function readsOf(world: World, point: OperatingPoint): string {
  const known = readsAt.get(point);
  if (known !== undefined) return known;
  const { netlist } = world;
  let reads = point.restless.length > 0 ? 'r' : '';
  for (const index of netlist.fast.inputs) reads += READ[readInputAt(netlist, point, index)];
  for (const index of netlist.fast.boards) reads += point.on[index] === ON ? '1' : '0';
  reads += holdOf(world, point);
  readsAt.set(point, reads);
  return reads;
}
const readsAt = new WeakMap<OperatingPoint, string>();

const nameOf = (stimulus: Stimulus): string => {
  switch (stimulus.kind) {
    case 'press':
    case 'breakGlass':
    case 'resetGlass':
    case 'hang':
    case 'fail':
      return `${stimulus.kind} ${stimulus.device}${stimulus.kind === 'press' ? ` ${stimulus.key ?? ''}` : ''}`;
    case 'credential':
      return `credential ${stimulus.valid} ${stimulus.device ?? ''} ${stimulus.output ?? ''}`;
    default:
      return JSON.stringify(stimulus);
  }
};
