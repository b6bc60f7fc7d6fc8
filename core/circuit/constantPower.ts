import type { BranchOf } from './branch';
import { potentialsInPlace } from './elimination';
import type { Netlist } from './netlist';

/** Rounds of the quick iteration; a handful is usual, and what takes more is left to Newton's. */
const QUICK_ROUNDS = 30;
/** In so many rounds the miss must halve, or the quick iteration is circling. */
const QUICK_PATIENCE = 4;
/** Steps of Newton's method from one start, and how often a step is halved before it is given up. */
const NEWTON_STEPS = 60;
const HALVINGS = 30;
/** Amps by which the boards' law may be missed. */
const TOLERANCE = 1e-13;
const NEWTON_TOLERANCE = 1e-11;

/** Current a board draws at this voltage while it runs, amps. Below half its least voltage it is held to what it draws there. */
export function boardAmps(branch: BranchOf<'electronic'>, volts: number): number {
  if (branch.law === 'resistive') return 0;
  return branch.law === 'current' ? branch.draw : branch.draw / Math.max(volts, branch.minVolts / 2);
}

/** Change of that current with the voltage, siemens. */
const boardSlope = (branch: BranchOf<'electronic'>, volts: number): number =>
  volts > branch.minVolts / 2 ? -branch.draw / (volts * volts) : 0;

/**
 * Finds the currents of boards that draw constant power, on the factors of the network that stands. Fills `drawn` per
 * board and the potentials that go with it. False where no currents were found that obey both the network and the boards'
 * law: then the potentials still obey Kirchhoff's laws for what is in `drawn`, and the state is no solution.
 */
export function solvePowerInPlace(netlist: Netlist, power: readonly number[]): boolean {
  if (power.length === 1 && oneInPlace(netlist, power[0]!)) return true;
  return quickInPlace(netlist, power) || newtonInPlace(netlist, power);
}

/**
 * One board alone: it sees an open-circuit voltage V0 behind a resistance R, and v² − V0·v + R·P = 0 says where they meet. The
 * potentials are those with nothing drawn and its share of those that one ampere makes. False where the two do not meet so.
 */
function oneInPlace(netlist: Netlist, index: number): boolean {
  const { branches, elimination, fast, scratch } = netlist;
  const { potential, injection, steady, drawn, undrawn } = scratch;
  const board = branches[index] as BranchOf<'electronic'>;
  const [a, b] = [fast.a[index]!, fast.b[index]!];
  injection.set(steady);
  potentialsInPlace(elimination, scratch);
  undrawn.set(potential);
  const idle = potential[a]! - potential[b]!;
  injection.fill(0);
  injection[a] = -1;
  injection[b]! += 1;
  potentialsInPlace(elimination, scratch);
  const ohms = potential[b]! - potential[a]!;
  const square = idle * idle - 4 * ohms * board.draw;
  const amps = boardAmps(board, square >= 0 ? (idle + Math.sqrt(square)) / 2 : 0);
  for (let node = 0; node < potential.length; node += 1)
    potential[node] = undrawn[node]! + amps * potential[node]!;
  drawn[index] = amps;
  return Math.abs(boardAmps(board, potential[a]! - potential[b]!) - amps) <= TOLERANCE;
}

/** Potentials with these currents drawn on top of the steady ones. */
function potentialsWithInPlace(netlist: Netlist, power: readonly number[]): void {
  const { elimination, fast, scratch } = netlist;
  const { injection, steady, drawn } = scratch;
  injection.set(steady);
  for (const index of power) {
    injection[fast.a[index]!]! -= drawn[index]!;
    injection[fast.b[index]!]! += drawn[index]!;
  }
  potentialsInPlace(elimination, scratch);
}

/**
 * The quick way: between rounds each board's current is predicted from the resistance it was seen to feed through,
 * v = V0 − R·P/v, which is exact for one board and gains several digits a round for more. It circles where a source is at
 * its current limit and many boards share what is left.
 */
function quickInPlace(netlist: Netlist, power: readonly number[]): boolean {
  const { branches, fast, scratch } = netlist;
  const { potential, drawn } = scratch;
  const idle = new Float64Array(power.length);
  for (const index of power) drawn[index] = 0;
  let milestone = Infinity;
  for (let round = 0; round < QUICK_ROUNDS; round += 1) {
    potentialsWithInPlace(netlist, power);
    let moved = 0;
    for (let i = 0; i < power.length; i += 1) {
      const index = power[i]!;
      const board = branches[index] as BranchOf<'electronic'>;
      const across = potential[fast.a[index]!]! - potential[fast.b[index]!]!;
      moved = Math.max(moved, Math.abs(boardAmps(board, across) - drawn[index]!));
    }
    if (moved <= TOLERANCE) return true;
    if (round % QUICK_PATIENCE === 0) {
      if (moved > milestone / 2) return false;
      milestone = moved;
    }
    for (let i = 0; i < power.length; i += 1) {
      const index = power[i]!;
      const board = branches[index] as BranchOf<'electronic'>;
      const across = potential[fast.a[index]!]! - potential[fast.b[index]!]!;
      if (round === 0) idle[i] = across;
      const feeds = round === 0 ? 0 : (idle[i]! - across) / drawn[index]!;
      const root = Math.sqrt(Math.max(0, idle[i]! ** 2 - 4 * feeds * board.draw));
      drawn[index] = boardAmps(board, (idle[i]! + root) / 2);
    }
  }
  return false;
}

/**
 * Newton's method, damped: the boards see the rest of the network as open-circuit voltages V0 and a matrix of transfer
 * resistances R (each column is the answer to one ampere drawn by one board). Sought are currents i with
 * i = g(V0 − R·i), g being the boards' law. Tried from nothing drawn and from the most that each may draw.
 */
function newtonInPlace(netlist: Netlist, power: readonly number[]): boolean {
  const n = power.length;
  const { branches, fast, scratch } = netlist;
  const boards = power.map((index) => branches[index] as BranchOf<'electronic'>);
  const { idle, transfer } = thevenin(netlist, power);
  const volts = new Float64Array(n);
  const voltsAt = (amps: Float64Array) => {
    for (let i = 0; i < n; i += 1) {
      let sum = idle[i]!;
      for (let j = 0; j < n; j += 1) sum -= transfer[i * n + j]! * amps[j]!;
      volts[i] = sum;
    }
  };
  const residual = new Float64Array(n);
  const miss = (amps: Float64Array): number => {
    voltsAt(amps);
    let worst = 0;
    for (let i = 0; i < n; i += 1) {
      residual[i] = amps[i]! - boardAmps(boards[i]!, volts[i]!);
      worst = Math.max(worst, Math.abs(residual[i]!));
    }
    return worst;
  };
  const most = boards.map((board) => boardAmps(board, 0));
  for (const share of [0, 1, 0.5]) {
    let amps = Float64Array.from(most, (one) => one * share);
    let now = miss(amps);
    for (let step = 0; step < NEWTON_STEPS && now > NEWTON_TOLERANCE; step += 1) {
      const jacobian = new Float64Array(n * n);
      for (let i = 0; i < n; i += 1) {
        const slope = boardSlope(boards[i]!, volts[i]!);
        for (let j = 0; j < n; j += 1) jacobian[i * n + j] = (i === j ? 1 : 0) + slope * transfer[i * n + j]!;
      }
      const change = solveDense(jacobian, residual, n);
      if (!change) break;
      let next = amps;
      let reached = Infinity;
      for (let halving = 0, part = 1; halving < HALVINGS; halving += 1, part /= 2) {
        next = amps.map((value, i) => Math.min(most[i]!, Math.max(0, value - part * change[i]!)));
        reached = miss(next);
        if (reached < now) break;
      }
      if (!(reached < now)) break;
      amps = next;
      now = reached;
    }
    for (let i = 0; i < n; i += 1) scratch.drawn[power[i]!] = amps[i]!;
    potentialsWithInPlace(netlist, power);
    // Judged by the network itself, not by its reduction.
    const missed = power.some((index, i) => {
      const across = scratch.potential[fast.a[index]!]! - scratch.potential[fast.b[index]!]!;
      return Math.abs(boardAmps(boards[i]!, across) - amps[i]!) > 1e-9;
    });
    if (!missed) return true;
  }
  return false;
}

/** Voltage across each board with none of them drawing, and what one ampere of each takes from every other. */
function thevenin(
  netlist: Netlist,
  power: readonly number[],
): { idle: Float64Array; transfer: Float64Array } {
  const { elimination, fast, scratch } = netlist;
  const n = power.length;
  const across = (i: number) =>
    scratch.potential[fast.a[power[i]!]!]! - scratch.potential[fast.b[power[i]!]!]!;
  scratch.injection.set(scratch.steady);
  potentialsInPlace(elimination, scratch);
  const idle = Float64Array.from({ length: n }, (_, i) => across(i));
  const transfer = new Float64Array(n * n);
  for (let j = 0; j < n; j += 1) {
    scratch.injection.fill(0);
    scratch.injection[fast.a[power[j]!]!]! -= 1;
    scratch.injection[fast.b[power[j]!]!]! += 1;
    potentialsInPlace(elimination, scratch);
    for (let i = 0; i < n; i += 1) transfer[i * n + j] = -across(i);
  }
  return { idle, transfer };
}

/** Gaussian elimination with row pivoting; null where the matrix is singular. */
function solveDense(matrix: Float64Array, right: Float64Array, n: number): Float64Array | null {
  const a = matrix.slice();
  const x = right.slice();
  for (let k = 0; k < n; k += 1) {
    let pivot = k;
    for (let i = k + 1; i < n; i += 1) if (Math.abs(a[i * n + k]!) > Math.abs(a[pivot * n + k]!)) pivot = i;
    const head = a[pivot * n + k]!;
    if (!(Math.abs(head) > 1e-300) || !Number.isFinite(head)) return null;
    if (pivot !== k) {
      for (let j = k; j < n; j += 1) [a[k * n + j], a[pivot * n + j]] = [a[pivot * n + j]!, a[k * n + j]!];
      [x[k], x[pivot]] = [x[pivot]!, x[k]!];
    }
    for (let i = k + 1; i < n; i += 1) {
      const factor = a[i * n + k]! / head;
      if (factor === 0) continue;
      for (let j = k; j < n; j += 1) a[i * n + j]! -= factor * a[k * n + j]!;
      x[i]! -= factor * x[k]!;
    }
  }
  for (let k = n - 1; k >= 0; k -= 1) {
    let sum = x[k]!;
    for (let j = k + 1; j < n; j += 1) sum -= a[k * n + j]! * x[j]!;
    x[k] = sum / a[k * n + k]!;
  }
  return x.every(Number.isFinite) ? x : null;
}
