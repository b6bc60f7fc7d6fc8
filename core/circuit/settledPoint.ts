import type { BranchOf } from './branch';
import { boardAmps } from './constantPower';
import { damagesOf } from './damage';
import type { Workspace } from './elimination';
import type { Netlist } from './netlist';
import { LIMITING, ON } from './mode';
import { type Damage, type OperatingPoint, type Room } from './operatingPoint';

/** What a circuit that has come to rest says, read out of its working memory into `room`: voltages, and the currents that go with them. */
export function settledPoint(
  netlist: Netlist,
  room: Room,
  restless: readonly number[],
  rounds: number,
): OperatingPoint {
  const { branches, fast, scratch } = netlist;
  const { a, b } = fast;
  const { on, volts, island, amps } = room;
  volts.set(scratch.potential);
  island.set(scratch.island);
  referToMinusInPlace(netlist, volts, island);
  for (let index = 0; index < amps.length; index += 1) {
    const g = scratch.siemens[index]!;
    amps[index] = g === 0 ? 0 : g * (volts[a[index]!]! - volts[b[index]!]! - scratch.emf[index]!);
  }
  for (const index of fast.sources) {
    if (on[index] === LIMITING) amps[index]! -= (branches[index] as BranchOf<'source'>).maxAmps;
  }
  for (const index of fast.boards) {
    if (on[index] !== ON) continue;
    const board = branches[index] as BranchOf<'electronic'>;
    // What was injected, so that the currents at a node add up to nothing whether or not the state is one.
    amps[index]! += board.law === 'power' ? scratch.drawn[index]! : boardAmps(board, 0);
  }
  markLonelyInPlace(scratch, volts, island);
  const alternating = fast.alternating.length > 0 ? scratch.alternating.slice() : null;
  return new SettledPoint(netlist, room, restless, rounds, alternating);
}

/** A solution. What it damages is worked out when somebody asks: most states are only passed through. */
export class SettledPoint implements OperatingPoint {
  readonly volts: Float64Array;
  readonly amps: Float64Array;
  readonly on: Uint8Array;
  readonly island: Int32Array;
  #netlist: Netlist;
  #damages: readonly Damage[] | null = null;
  constructor(
    netlist: Netlist,
    room: Room,
    readonly restless: readonly number[],
    readonly rounds: number,
    readonly alternating: Float64Array | null,
  ) {
    this.#netlist = netlist;
    this.volts = room.volts;
    this.amps = room.amps;
    this.on = room.on;
    this.island = room.island;
  }
  /** Empty for a circuit that never came to rest: it has no state to judge parts by. */
  get damages(): readonly Damage[] {
    this.#damages ??= this.restless.length > 0 ? [] : damagesOf(this.#netlist, this);
    return this.#damages;
  }
}

/** Refers each island to the minus of its first source, as a person would put the meter's black probe. */
function referToMinusInPlace(netlist: Netlist, volts: Float64Array, island: Int32Array): void {
  const { shift } = netlist.scratch;
  const { sources, b } = netlist.fast;
  shift.fill(0);
  for (let i = sources.length - 1; i >= 0; i -= 1) {
    const minus = b[sources[i]!]!;
    shift[island[minus]!] = volts[minus]!;
  }
  for (let node = 0; node < volts.length; node += 1) volts[node]! -= shift[island[node]!]!;
}

/** A node alone on its island has no voltage at all. */
function markLonelyInPlace(work: Pick<Workspace, 'members'>, volts: Float64Array, island: Int32Array): void {
  const { members } = work;
  members.fill(0);
  for (let node = 0; node < island.length; node += 1) members[island[node]!]! += 1;
  for (let node = 0; node < volts.length; node += 1) if (members[island[node]!] === 1) volts[node] = NaN;
}
