import type { Branch, BranchOf } from './branch';
import { LEAK_SIEMENS } from './branch';
import type { Conditions } from './conditions';
import { solvePowerInPlace } from './constantPower';
import { ALTERNATING_VOLTS } from './damage';
import { eliminateInPlace, potentialsInPlace } from './elimination';
import type { Netlist } from './netlist';
import { LIMITING, makeRoom, OFF, ON, type OperatingPoint } from './operatingPoint';
import { settledPoint, SettledPoint } from './settledPoint';

/** Rounds of the fixed point before the circuit counts as restless. */
const MAX_ROUNDS = 200;

/**
 * Solves a circuit under conditions, starting from what coils, boards and sources did before (hysteresis), or
 * from everything at rest. Contacts, coils, brown-outs, current limits and diodes are iterated to a fixed
 * point: first all together, and if that runs in a circle one change at a time; a circle that remains is real
 * (a relay that chatters, a board that hiccups) and is reported in `restless`. Whoever watches sees every linear solution on
 * the way in the working memory of the netlist.
 */
export function settle(
  netlist: Netlist,
  conditions: Conditions,
  before?: Uint8Array,
  watch?: Watch,
): OperatingPoint {
  const room = makeRoom(netlist);
  const { restless, rounds } = comeToRestInPlace(netlist, conditions, room.on, before, watch);
  return settledPoint(netlist, room, restless, rounds);
}

/**
 * The same without a single current: the voltages between nodes and what every part does, for whoever settles a great many
 * circuits only to read them. Each island's voltages are against a node of its own.
 */
export function settleVolts(netlist: Netlist, conditions: Conditions, before: Uint8Array): OperatingPoint {
  const room = makeRoom({ nodes: netlist.nodes, branches: NO_BRANCHES });
  const on = new Uint8Array(netlist.branches.length);
  const { restless, rounds } = comeToRestInPlace(netlist, conditions, on, before);
  const { volts, island, amps } = room;
  volts.set(netlist.scratch.potential);
  island.set(netlist.scratch.island);
  const alternating = netlist.fast.alternating.length > 0 ? netlist.scratch.alternating.slice() : null;
  return new SettledPoint(netlist, { volts, island, amps, on }, restless, rounds, alternating);
}
const NO_BRANCHES: readonly never[] = [];

/** Iterates to the fixed point: the modes in `on`, the solution that goes with them in the working memory. */
function comeToRestInPlace(
  netlist: Netlist,
  conditions: Conditions,
  on: Uint8Array,
  before?: Uint8Array,
  watch?: Watch,
): { readonly restless: readonly number[]; readonly rounds: number } {
  startInPlace(netlist, conditions, on, before);
  markStatesInPlace(netlist, conditions);
  let oneByOne = false;
  let seen: Uint8Array[] = [];
  let restless: number[] = [];
  let rounds = 0;
  for (; ; rounds += 1) {
    closeContactsInPlace(netlist, on);
    const unsolved = solveInPlace(netlist, conditions, on);
    watch?.(netlist, on);
    const next = modesAfter(netlist, conditions, on);
    if (next === null) {
      // No state contradicts the modes, and still the boards' own law is not met: no state at all.
      restless = [...unsolved];
      break;
    }
    const before = seen.findIndex((modes) => isSame(modes, on));
    if (before >= 0 || rounds >= MAX_ROUNDS) {
      if (oneByOne || rounds >= MAX_ROUNDS) {
        restless = [...new Set([...togglesOf(seen.slice(Math.max(0, before)), on), ...unsolved])];
        break;
      }
      oneByOne = true;
      seen = [];
    }
    seen.push(on.slice());
    if (oneByOne) {
      const first = next.findIndex((mode, branch) => mode !== on[branch]);
      on[first] = next[first]!;
    } else on.set(next);
  }
  return { restless, rounds };
}

export type Watch = (netlist: Netlist, on: Uint8Array) => void;

function isSame(one: Uint8Array, two: Uint8Array): boolean {
  for (let index = 0; index < one.length; index += 1) if (one[index] !== two[index]) return false;
  return true;
}

/** Branches that differ between the states of a circle. */
const togglesOf = (circle: readonly Uint8Array[], on: Uint8Array): number[] =>
  [...on.keys()].filter((branch) => circle.some((state) => state[branch] !== on[branch]));

function startInPlace(netlist: Netlist, conditions: Conditions, on: Uint8Array, before?: Uint8Array): void {
  if (before) on.set(before);
  // A branch that was not there before had done nothing.
  on.fill(OFF, before?.length ?? 0);
  for (const index of netlist.fast.sources) {
    const dead = conditions.feeds.get(netlist.branches[index]!.id)?.kind === 'off';
    if (dead) on[index] = OFF;
    else if (on[index] === OFF) on[index] = ON;
  }
  for (const index of netlist.fast.dead) on[index] = OFF;
}

/** Numbers of the states that are true, for as long as one circuit is settled. */
function markStatesInPlace({ fast, scratch }: Netlist, { states }: Conditions): void {
  scratch.active.fill(0);
  for (const state of states) {
    const number = fast.stateOf.get(state);
    if (number !== undefined) scratch.active[number] = 1;
  }
}

/** A contact follows its coil or state at once, as long as the board that holds it runs. */
function closeContactsInPlace({ branches, coilOf, boardOf, fast, scratch }: Netlist, on: Uint8Array): void {
  const { active } = scratch;
  for (const index of fast.contacts) {
    const coil = coilOf[index]!;
    const board = boardOf[index]!;
    const worked = coil < 0 ? active[fast.worksOn[index]!] === 1 : on[coil] === ON;
    const held = fast.heldBy[index]! >= 0 && active[fast.heldBy[index]!] === 1;
    const moved = worked && !held && (board < 0 || on[board] === ON);
    on[index] = moved !== (branches[index] as BranchOf<'contact'>).normallyClosed ? ON : OFF;
  }
}

/** Conductance a branch has in its present mode. */
export function conductanceOf(branch: Branch, mode: number, conditions: Conditions): number {
  switch (branch.kind) {
    case 'conductor':
      return conditions.cut.has(branch.id) ? 0 : branch.siemens;
    case 'contact':
    case 'diode':
    case 'varistor':
      return mode === OFF ? 0 : branch.siemens;
    case 'source':
      return mode === ON ? 1 / sourceOhms(branch, conditions) : mode === LIMITING ? LEAK_SIEMENS : 0;
    case 'electronic':
      return mode === ON && branch.law === 'resistive' ? boardSiemens(branch) : LEAK_SIEMENS;
    case 'coil':
    case 'load':
    case 'input':
    case 'resistor':
    case 'output':
    case 'link':
      return branch.siemens;
  }
}

/** A board for alternating current as a resistance: its rated draw halfway between its limits. */
const boardSiemens = ({ draw, minVolts, maxVolts }: BranchOf<'electronic'>): number =>
  (2 * draw) / (minVolts + maxVolts);

/** Electromotive force behind a branch's conductance, from b to a. */
export function emfOf(branch: Branch, mode: number, conditions: Conditions, boardRuns: boolean): number {
  switch (branch.kind) {
    case 'source':
      return mode === ON ? sourceVolts(branch, conditions) : 0;
    case 'input':
      return boardRuns ? branch.volts : 0;
    case 'diode':
      return mode === ON ? branch.volts : 0;
    case 'varistor':
      return mode === OFF ? 0 : mode === ON ? branch.volts : -branch.volts;
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

/** True where the board of this input runs. */
export const inputPowered = (netlist: Netlist, index: number, on: Uint8Array): boolean => {
  const board = netlist.boardOf[index]!;
  return board >= 0 && on[board] === ON;
};

/** Fills `siemens` and `emf` for the present modes: what `conductanceOf` and `emfOf` say, kind by kind. */
function fillBranchesInPlace(netlist: Netlist, conditions: Conditions, on: Uint8Array): void {
  const { branches, fast, branchOf, scratch } = netlist;
  const { siemens, emf } = scratch;
  siemens.set(fast.fixed);
  emf.fill(0);
  for (const index of fast.contacts) {
    if (on[index] === ON) siemens[index] = (branches[index] as BranchOf<'contact'>).siemens;
  }
  for (const index of fast.switching) {
    const branch = branches[index]!;
    if (branch.kind === 'coil' || (branch.kind === 'electronic' && branch.law !== 'resistive')) continue;
    siemens[index] = conductanceOf(branch, on[index]!, conditions);
    emf[index] = emfOf(branch, on[index]!, conditions, false);
  }
  for (const index of fast.inputs) {
    if (inputPowered(netlist, index, on)) emf[index] = (branches[index] as BranchOf<'input'>).volts;
  }
  for (const id of conditions.cut) {
    const index = branchOf.get(id);
    if (index !== undefined) siemens[index] = 0;
  }
}

/**
 * One linear solution in the present modes; constant-power boards are solved on the same factors. Gives the boards whose
 * law no currents were found to obey: none, nearly always.
 */
function solveInPlace(netlist: Netlist, conditions: Conditions, on: Uint8Array): readonly number[] {
  const { branches, elimination, fast, scratch } = netlist;
  const { conductance, steady, siemens, emf, injection } = scratch;
  const { a, b } = fast;
  fillBranchesInPlace(netlist, conditions, on);
  conductance.fill(0);
  steady.fill(0);
  for (let index = 0; index < siemens.length; index += 1) {
    const g = siemens[index]!;
    if (g === 0) continue;
    conductance[elimination.slotOf[index]!]! += g;
    const e = emf[index]!;
    if (e === 0) continue;
    steady[a[index]!]! += g * e;
    steady[b[index]!]! -= g * e;
  }
  for (const index of fast.sources) {
    if (on[index] !== LIMITING) continue;
    const { maxAmps } = branches[index] as BranchOf<'source'>;
    steady[a[index]!]! += maxAmps;
    steady[b[index]!]! -= maxAmps;
  }
  const power: number[] = [];
  for (const index of fast.boards) {
    if (on[index] !== ON) continue;
    const board = branches[index] as BranchOf<'electronic'>;
    if (board.law === 'resistive') continue;
    if (board.law === 'power') {
      power.push(index);
      continue;
    }
    steady[a[index]!]! -= board.draw;
    steady[b[index]!]! += board.draw;
  }
  eliminateInPlace(elimination, scratch);
  if (fast.alternating.length > 0) alternatingInPlace(netlist, on);
  injection.set(steady);
  if (power.length > 0) return solvePowerInPlace(netlist, power) ? NONE : power;
  potentialsInPlace(elimination, scratch);
  return NONE;
}

const NONE: readonly number[] = [];

/**
 * What the alternating sources alone give each node, by superposition on the same factors: two circuits that share one point
 * without a current between them stay what they are.
 */
function alternatingInPlace(netlist: Netlist, on: Uint8Array): void {
  const { branches, elimination, fast, scratch } = netlist;
  const { injection, siemens, emf, alternating, potential } = scratch;
  injection.fill(0);
  for (const index of fast.alternating) {
    const source = branches[index] as BranchOf<'source'>;
    const amps = on[index] === LIMITING ? source.maxAmps : siemens[index]! * emf[index]!;
    injection[fast.a[index]!]! += amps;
    injection[fast.b[index]!]! -= amps;
  }
  potentialsInPlace(elimination, scratch);
  alternating.set(potential);
}

/** True where more than a trace of alternating voltage lies across a branch. */
export const isAlternating = ({ fast }: Netlist, volts: Float64Array | null, index: number): boolean =>
  volts !== null && Math.abs(volts[fast.a[index]!]! - volts[fast.b[index]!]!) > ALTERNATING_VOLTS;

/** The modes that the solution asks for; null where it contradicts none. */
function modesAfter(netlist: Netlist, conditions: Conditions, on: Uint8Array): Uint8Array | null {
  const { branches, fast, scratch } = netlist;
  const { potential, island } = scratch;
  const alternating = fast.alternating.length > 0 ? scratch.alternating : null;
  let next: Uint8Array | null = null;
  for (const index of fast.switching) {
    const [a, b] = [fast.a[index]!, fast.b[index]!];
    // Between two parts of a circuit that nothing joins there is no voltage to answer to.
    const across = island[a] === island[b] ? potential[a]! - potential[b]! : 0;
    const ac = isAlternating(netlist, alternating, index);
    const mode = modeAt(branches[index]!, on[index]!, across, conditions, ac);
    if (mode === on[index]) continue;
    next ??= on.slice();
    next[index] = mode;
  }
  return next;
}

/** The mode a branch takes at this voltage, given the one it has. */
function modeAt(branch: Branch, mode: number, across: number, conditions: Conditions, ac: boolean): number {
  switch (branch.kind) {
    case 'coil': {
      // A DC coil on AC hums and holds nothing.
      if (ac && branch.current === 'dc') return OFF;
      const size = Math.abs(across);
      if (mode === ON) return size < branch.dropOutVolts ? OFF : ON;
      return size >= branch.pullInVolts ? ON : OFF;
    }
    case 'electronic':
      if (conditions.failed.has(branch.id)) return OFF;
      if (ac ? branch.current === 'dc' : branch.current === 'ac') return OFF;
      {
        const size = branch.current === 'dc' ? across : Math.abs(across);
        if (mode === ON) return size < branch.minVolts ? OFF : ON;
        return size >= branch.startVolts ? ON : OFF;
      }
    case 'diode':
      // Conducting, its current is (across − forward)·g; it stops when that would turn negative.
      return across > branch.volts ? ON : OFF;
    case 'varistor':
      return Math.abs(across) <= branch.volts ? OFF : across > 0 ? ON : LIMITING;
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
