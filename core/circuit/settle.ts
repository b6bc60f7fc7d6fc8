import type { Branch } from './branch';
import { LEAK_SIEMENS } from './branch';
import type { Conditions } from './conditions';
import { damagesOf } from './damage';
import { eliminateInPlace, makeWorkspace, potentialsInPlace, type Workspace } from './elimination';
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
  const { branches } = netlist;
  const work = makeWorkspace(netlist.elimination);
  const on = startFrom(branches, conditions, before);
  let oneByOne = false;
  let seen = new Map<string, Uint8Array>();
  let restless: number[] = [];
  let rounds = 0;
  for (; ; rounds += 1) {
    closeContactsInPlace(netlist, conditions, on);
    solveInPlace(netlist, conditions, on, work);
    const changes = changesOf(netlist, conditions, on, work);
    if (changes.length === 0) break;
    const key = on.join('');
    const earlier = seen.get(key);
    if (earlier || rounds >= MAX_ROUNDS) {
      if (oneByOne || rounds >= MAX_ROUNDS) {
        restless = togglesSince(seen, key, on);
        break;
      }
      oneByOne = true;
      seen = new Map();
    }
    seen.set(key, on.slice());
    for (const { branch, mode } of oneByOne ? changes.slice(0, 1) : changes) on[branch] = mode;
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
  branches.forEach((branch, index) => {
    if (branch.kind !== 'source') return;
    const dead = conditions.feeds.get(branch.id)?.kind === 'off';
    if (dead) on[index] = OFF;
    else if (on[index] === OFF) on[index] = ON;
  });
  return on;
}

/** A contact follows its coil or state at once, as long as the board that holds it runs. */
function closeContactsInPlace(netlist: Netlist, conditions: Conditions, on: Uint8Array): void {
  netlist.branches.forEach((branch, index) => {
    if (branch.kind !== 'contact') return;
    const coil = netlist.branchOf.get(branch.state);
    const worked = coil === undefined ? conditions.states.has(branch.state) : on[coil] === ON;
    const board = branch.needs === null ? undefined : netlist.branchOf.get(branch.needs);
    const active = worked && (board === undefined || on[board] === ON);
    on[index] = active !== branch.normallyClosed ? ON : OFF;
  });
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

/** True where an input's board runs. */
export function inputPowered(netlist: Netlist, branch: Branch, on: Uint8Array): boolean {
  if (branch.kind !== 'input') return false;
  const board = netlist.branchOf.get(branch.poweredBy);
  return board !== undefined && on[board] === ON;
}

/** One linear solution in the present modes; constant-power boards are iterated on the same factors. */
function solveInPlace(netlist: Netlist, conditions: Conditions, on: Uint8Array, work: Workspace): void {
  const { branches, elimination } = netlist;
  const { conductance, injection, potential } = work;
  conductance.fill(0);
  const steady = new Float64Array(elimination.nodes);
  const power: number[] = [];
  branches.forEach((branch, index) => {
    const mode = on[index] ?? OFF;
    const siemens = conductanceOf(branch, mode, conditions);
    if (siemens !== 0) conductance[elimination.slotOf[index]!]! += siemens;
    let inject = siemens * emfOf(branch, mode, conditions, inputPowered(netlist, branch, on));
    if (branch.kind === 'source' && mode === LIMITING) inject += branch.maxAmps;
    if (branch.kind === 'electronic' && mode === ON) {
      if (branch.law === 'current') inject -= branch.draw;
      else power.push(index);
    }
    steady[branch.a]! += inject;
    steady[branch.b]! -= inject;
  });
  eliminateInPlace(elimination, work);
  let drawn = power.map((index) => {
    const branch = branches[index];
    return branch?.kind === 'electronic' ? boardAmps(branch, branch.startVolts) : 0;
  });
  for (let round = 0; round < MAX_POWER_ROUNDS; round += 1) {
    injection.set(steady);
    power.forEach((index, i) => {
      const branch = branches[index]!;
      injection[branch.a]! -= drawn[i]!;
      injection[branch.b]! += drawn[i]!;
    });
    potentialsInPlace(elimination, work);
    if (power.length === 0) return;
    const next = power.map((index) => {
      const branch = branches[index]!;
      const across = potential[branch.a]! - potential[branch.b]!;
      return branch.kind === 'electronic' ? boardAmps(branch, across) : 0;
    });
    const moved = Math.max(...next.map((value, i) => Math.abs(value - drawn[i]!)));
    if (moved <= POWER_TOLERANCE) return;
    drawn = next;
  }
}

interface Change {
  readonly branch: number;
  readonly mode: number;
}

/** Modes that the solution contradicts. */
function changesOf(netlist: Netlist, conditions: Conditions, on: Uint8Array, work: Workspace): Change[] {
  const changes: Change[] = [];
  netlist.branches.forEach((branch, index) => {
    const mode = on[index] ?? OFF;
    const across = (work.potential[branch.a] ?? 0) - (work.potential[branch.b] ?? 0);
    const next = modeAt(branch, mode, across, conditions);
    if (next !== mode) changes.push({ branch: index, mode: next });
  });
  return changes;
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
  referToMinusInPlace(netlist, volts, island);
  const amps = new Float64Array(branches.length);
  branches.forEach((branch, index) => {
    const mode = on[index] ?? OFF;
    const across = (volts[branch.a] ?? 0) - (volts[branch.b] ?? 0);
    const siemens = conductanceOf(branch, mode, conditions);
    const emf = emfOf(branch, mode, conditions, inputPowered(netlist, branch, on));
    let current = siemens === 0 ? 0 : siemens * (across - emf);
    if (branch.kind === 'source' && mode === LIMITING) current -= branch.maxAmps;
    if (branch.kind === 'electronic' && mode === ON) current += boardAmps(branch, across);
    amps[index] = current;
  });
  markLonelyInPlace(volts, island);
  const point = { volts, amps, on, island, restless, rounds, damages: [] };
  return { ...point, damages: damagesOf(netlist, point) };
}

/** Refers each island to the minus of its first source, as a person would put the meter's black probe. */
function referToMinusInPlace(netlist: Netlist, volts: Float64Array, island: Int32Array): void {
  const shift = new Map<number, number>();
  for (const branch of netlist.branches) {
    if (branch.kind !== 'source') continue;
    const home = island[branch.b] ?? 0;
    if (!shift.has(home)) shift.set(home, volts[branch.b] ?? 0);
  }
  for (let node = 0; node < volts.length; node += 1) volts[node]! -= shift.get(island[node] ?? 0) ?? 0;
}

/** A node alone on its island has no voltage at all. */
function markLonelyInPlace(volts: Float64Array, island: Int32Array): void {
  const members = new Map<number, number>();
  for (const home of island) members.set(home, (members.get(home) ?? 0) + 1);
  for (let node = 0; node < volts.length; node += 1) {
    if (members.get(island[node] ?? 0) === 1) volts[node] = NaN;
  }
}
