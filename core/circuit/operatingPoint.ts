import type { Netlist } from './netlist';

/** The settled state of a circuit. */
export interface OperatingPoint {
  /** Volts of each node against its island's reference; NaN for a node that nothing reaches. */
  readonly volts: Float64Array;
  /** Amps of each branch from a to b. A source that delivers has a negative current. */
  readonly amps: Float64Array;
  readonly on: Uint8Array;
  /** Equal for nodes that a current could join. */
  readonly island: Int32Array;
  /** Branches that never came to rest: chatter of a relay, hiccup of a board. Empty when settled. */
  readonly restless: readonly number[];
  readonly damages: readonly Damage[];
  readonly rounds: number;
  /** Volts (RMS) of each node that alternating sources alone give; null in a circuit without one. */
  readonly alternating: Float64Array | null;
}

/** Where a solution is put down. */
export type Room = Pick<OperatingPoint, 'volts' | 'amps' | 'on' | 'island'>;

/** Room for one solution, in one piece: four pieces would take longer to get than the solution. */
export function makeRoom({
  nodes,
  branches,
}: {
  readonly nodes: ArrayLike<unknown>;
  readonly branches: ArrayLike<unknown>;
}): Room {
  const [n, m] = [nodes.length, branches.length];
  const buffer = new ArrayBuffer(8 * (n + m) + 4 * n + m);
  return {
    volts: new Float64Array(buffer, 0, n),
    amps: new Float64Array(buffer, 8 * n, m),
    island: new Int32Array(buffer, 8 * (n + m), n),
    on: new Uint8Array(buffer, 8 * (n + m) + 4 * n, m),
  };
}

/** Something that would be destroyed or overloaded, with what was measured and its limit. */
export interface Damage {
  readonly kind:
    | 'reversed'
    | 'over-voltage'
    | 'driven-input'
    | 'contact-overload'
    | 'fuse-blown'
    | 'fuse-overload'
    | 'source-overload'
    | 'wrong-current'
    | 'driven-output';
  readonly branch: number;
  readonly measured: number;
  readonly limit: number;
}

/** Volts from node a to node b, or null where nothing joins them. */
export function voltsBetween(point: OperatingPoint, a: number, b: number): number | null {
  if (a === b) return 0;
  if (point.island[a] !== point.island[b]) return null;
  const value = (point.volts[a] ?? NaN) - (point.volts[b] ?? NaN);
  return Number.isNaN(value) ? null : value;
}

/** Volts across a branch, or null where its ends float against each other. */
export function voltsAcross(netlist: Netlist, point: OperatingPoint, branch: number): number | null {
  const { a, b } = netlist.branches[branch] ?? { a: 0, b: 0 };
  return voltsBetween(point, a, b);
}
