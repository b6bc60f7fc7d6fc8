import type { Branch } from './branch';
import { LEAK_SIEMENS } from './branch';
import type { Conditions } from './conditions';
import { damagesOf } from './damage';
import { eliminateInPlace, potentialsInPlace, type Workspace } from './elimination';
import type { Netlist } from './netlist';
import { LIMITING, OFF, ON, type OperatingPoint } from './operatingPoint';

/** Rounds of the fixed point before the circuit counts as restless. */
const MAX_ROUNDS = 200;
/** Rounds of the constant-power iteration; each gains about a digit on any sensible cable. */
const MAX_POWER_ROUNDS = 80;
const POWER_TOLERANCE = 1e-13;

/**
 * Solves a circuit under conditions, starting from what coils, boards and sources did before (hysteresis), or
 * from everything at rest. Contacts, coils, brown-outs, current limits and diodes are iterated to a fixed
 * point: first all together, and if that runs in a circle one change at a time; a circle that remains is real
 * (a relay that chatters, a board that hiccups) and is reported in `restless`.
 */
export function settle(netlist: Netlist, conditions: Conditions, before?: Uint8Array): OperatingPoint {
  const { branches, scratch: work } = netlist;
  const on = startFrom(branches, conditions, before);
  let oneByOne = false;
  let seen = new Map<string, Uint8Array>();
  let restless: number[] = [];
  let rounds = 0;
  for (; ; rounds += 1) {
    closeContactsInPlace(netlist, conditions, on);
    solveInPlace(netlist, conditions, on, work);
    const next = modesAfter(netlist, conditions, on, work);
    if (next === null) break;
    const key = on.join('');
    if (seen.has(key) || rounds >= MAX_ROUNDS) {
      if (oneByOne || rounds >= MAX_ROUNDS) {
        restless = togglesSince(seen, key, on);
        break;
      }
      oneByOne = true;
      seen = new Map();
    }
    seen.set(key, on.slice());
    if (oneByOne) {
      const first = next.findIndex((mode, branch) => mode !== on[branch]);
      on[first] = next[first]!;
    } else on.set(next);
  }
  return finish(netlist, conditions, on, work, restless, rounds);
}

/** Branches that differed between the states of a circle. */
function togglesSince(seen: ReadonlyMap<string, Uint8Array>, key: string, on: Uint8Array): number[] {
  const states = [...seen.values()];
  const circle = states.slice(Math.max(0, [...seen.keys()].indexOf(key)));
  return [...on.keys()].filter((branch) => circle.some((state) => state[branch] !== on[branch]));
}

function startFrom(branches: readonly Branch[], conditions: Conditions, before?: Uint8Array): Uint8Array {
  const on = before ? before.slice() : new Uint8Array(branches.length);
  for (let index = 0; index < branches.length; index += 1) {
    const branch = branches[index]!;
    if (branch.kind !== 'source') continue;
    const dead = conditions.feeds.get(branch.id)?.kind === 'off';
    if (dead) on[index] = OFF;
    else if (on[index] === OFF) on[index] = ON;
  }
  return on;
}

/** A contact follows its coil or state at once, as long as the board that holds it runs. */
function closeContactsInPlace(netlist: Netlist, conditions: Conditions, on: Uint8Array): void {
  const { branches, coilOf, boardOf } = netlist;
  for (let index = 0; index < branches.length; index += 1) {
    const branch = branches[index]!;
    if (branch.kind !== 'contact') continue;
    const coil = coilOf[index]!;
    const board = boardOf[index]!;
    const worked = coil < 0 ? conditions.states.has(branch.state) : on[coil] === ON;
    const active = worked && (board < 0 || on[board] === ON);
    on[index] = active !== branch.normallyClosed ? ON : OFF;
  }
}

/** Conductance a branch has in its present mode. */
export function conductanceOf(branch: Branch, mode: number, conditions: Conditions): number {
  switch (branch.kind) {
    case 'conductor':
      return conditions.cut.has(branch.id) ? 0 : branch.siemens;
    case 'contact':
    case 'diode':
      return mode === ON ? branch.siemens : 0;
    case 'source':
      return mode === ON ? 1 / sourceOhms(branch, conditions) : mode === LIMITING ? LEAK_SIEMENS : 0;
    case 'electronic':
      return LEAK_SIEMENS;
    case 'coil':
    case 'load':
    case 'input':
    case 'resistor':
    case 'link':
      return branch.siemens;
  }
}

/** Electromotive force behind a branch's conductance, from b to a. */
export function emfOf(branch: Branch, mode: number, conditions: Conditions, boardRuns: boolean): number {
  switch (branch.kind) {
    case 'source':
      return mode === ON ? sourceVolts(branch, conditions) : 0;
    case 'input':
      return boardRuns ? branch.volts : 0;
    case 'diode':
      return mode === ON ? branch.volts : 0;
    default:
      return 0;
  }
}

type Source = Extract<Branch, { kind: 'source' }>;

const sourceVolts = (source: Source, conditions: Conditions): number => {
  const feed = conditions.feeds.get(source.id);
  return feed?.kind === 'battery' ? feed.volts : source.volts;
};
const sourceOhms = (source: Source, conditions: Conditions): number =>
  source.ohms + (conditions.feeds.get(source.id)?.kind === 'battery' ? (source.battery?.ohms ?? 0) : 0);

/** Current a board draws at this voltage while it runs, amps. */
export function boardAmps(branch: Extract<Branch, { kind: 'electronic' }>, volts: number): number {
  return branch.law === 'current' ? branch.draw : branch.draw / Math.max(volts, branch.minVolts / 2);
}

/** True where the board of this input runs. */
export const inputPowered = (netlist: Netlist, index: number, on: Uint8Array): boolean => {
  const board = netlist.boardOf[index]!;
  return board >= 0 && on[board] === ON;
};

/** One linear solution in the present modes; constant-power boards are iterated on the same factors. */
function solveInPlace(netlist: Netlist, conditions: Conditions, on: Uint8Array, work: Workspace): void {
  const { branches, elimination } = netlist;
  const { conductance, steady } = work;
  conductance.fill(0);
  steady.fill(0);
  const power: number[] = [];
  for (let index = 0; index < branches.length; index += 1) {
    const branch = branches[index]!;
    const mode = on[index]!;
    const siemens = conductanceOf(branch, mode, conditions);
    if (siemens !== 0) conductance[elimination.slotOf[index]!]! += siemens;
    let inject = siemens * emfOf(branch, mode, conditions, inputPowered(netlist, index, on));
    if (branch.kind === 'source' && mode === LIMITING) inject += branch.maxAmps;
    if (branch.kind === 'electronic' && mode === ON) {
      if (branch.law === 'current') inject -= branch.draw;
      else power.push(index);
    }
    if (inject === 0) continue;
    steady[branch.a]! += inject;
    steady[branch.b]! -= inject;
  }
  eliminateInPlace(elimination, work);
  work.injection.set(steady);
  if (power.length === 0) potentialsInPlace(elimination, work);
  else iteratePowerInPlace(netlist, power, work);
}

/** Fixed point of the boards that draw constant power: each round is one more right-hand side. */
function iteratePowerInPlace(netlist: Netlist, power: readonly number[], work: Workspace): void {
  const { branches, elimination } = netlist;
  const { injection, steady, potential } = work;
  const drawn = new Float64Array(power.length);
  for (let round = 0; round < MAX_POWER_ROUNDS; round += 1) {
    injection.set(steady);
    for (let i = 0; i < power.length; i += 1) {
      const { a, b } = branches[power[i]!]!;
      injection[a]! -= drawn[i]!;
      injection[b]! += drawn[i]!;
    }
    potentialsInPlace(elimination, work);
    let moved = 0;
    for (let i = 0; i < power.length; i += 1) {
      const branch = branches[power[i]!]!;
      if (branch.kind !== 'electronic') continue;
      const next = boardAmps(branch, potential[branch.a]! - potential[branch.b]!);
      moved = Math.max(moved, Math.abs(next - drawn[i]!));
      drawn[i] = next;
    }
    if (moved <= POWER_TOLERANCE) return;
  }
}

/** The modes that the solution asks for; null where it contradicts none. */
function modesAfter(
  netlist: Netlist,
  conditions: Conditions,
  on: Uint8Array,
  work: Workspace,
): Uint8Array | null {
  const { branches } = netlist;
  const { potential } = work;
  let next: Uint8Array | null = null;
  for (let index = 0; index < branches.length; index += 1) {
    const branch = branches[index]!;
    const mode = modeAt(branch, on[index]!, potential[branch.a]! - potential[branch.b]!, conditions);
    if (mode === on[index]) continue;
    next ??= on.slice();
    next[index] = mode;
  }
  return next;
}

/** The mode a branch takes at this voltage, given the one it has. */
function modeAt(branch: Branch, mode: number, across: number, conditions: Conditions): number {
  switch (branch.kind) {
    case 'coil': {
      const size = Math.abs(across);
      if (mode === ON) return size < branch.dropOutVolts ? OFF : ON;
      return size >= branch.pullInVolts ? ON : OFF;
    }
    case 'electronic':
      if (conditions.failed.has(branch.id)) return OFF;
      if (mode === ON) return across < branch.minVolts ? OFF : ON;
      return across >= branch.startVolts ? ON : OFF;
    case 'diode':
      // Conducting, its current is (across − forward)·g; it stops when that would turn negative.
      return across > branch.volts ? ON : OFF;
    case 'source': {
      if (mode === OFF) return OFF;
      const emf = sourceVolts(branch, conditions);
      if (mode === ON) {
        const delivered = (emf - across) / sourceOhms(branch, conditions);
        return delivered > branch.maxAmps * (1 + 1e-9) ? LIMITING : ON;
      }
      return across > emf - branch.maxAmps * sourceOhms(branch, conditions) ? ON : LIMITING;
    }
    default:
      return mode;
  }
}

function finish(
  netlist: Netlist,
  conditions: Conditions,
  on: Uint8Array,
  work: Workspace,
  restless: readonly number[],
  rounds: number,
): OperatingPoint {
  const { branches } = netlist;
  const volts = work.potential.slice();
  const island = work.island.slice();
  referToMinusInPlace(netlist, work, volts, island);
  const amps = new Float64Array(branches.length);
  for (let index = 0; index < branches.length; index += 1) {
    const branch = branches[index]!;
    const mode = on[index]!;
    const across = volts[branch.a]! - volts[branch.b]!;
    const siemens = conductanceOf(branch, mode, conditions);
    let current =
      siemens === 0
        ? 0
        : siemens * (across - emfOf(branch, mode, conditions, inputPowered(netlist, index, on)));
    if (branch.kind === 'source' && mode === LIMITING) current -= branch.maxAmps;
    if (branch.kind === 'electronic' && mode === ON) current += boardAmps(branch, across);
    amps[index] = current;
  }
  markLonelyInPlace(work, volts, island);
  const point = { volts, amps, on, island, restless, rounds, damages: [] };
  // A circuit that never came to rest has no state to judge parts by.
  return { ...point, damages: restless.length > 0 ? [] : damagesOf(netlist, point) };
}

/** Refers each island to the minus of its first source, as a person would put the meter's black probe. */
function referToMinusInPlace(
  netlist: Netlist,
  work: Workspace,
  volts: Float64Array,
  island: Int32Array,
): void {
  const { shift } = work;
  shift.fill(0);
  for (let index = netlist.branches.length - 1; index >= 0; index -= 1) {
    const branch = netlist.branches[index]!;
    if (branch.kind === 'source') shift[island[branch.b]!] = volts[branch.b]!;
  }
  for (let node = 0; node < volts.length; node += 1) volts[node]! -= shift[island[node]!]!;
}

/** A node alone on its island has no voltage at all. */
function markLonelyInPlace(work: Workspace, volts: Float64Array, island: Int32Array): void {
  const { members } = work;
  members.fill(0);
  for (let node = 0; node < island.length; node += 1) members[island[node]!]! += 1;
  for (let node = 0; node < volts.length; node += 1) if (members[island[node]!] === 1) volts[node] = NaN;
}
