import type { Netlist } from './netlist';
import { BLOWN, ON } from './mode';
import { type OperatingPoint } from './operatingPoint';

/**
 * Miniature fuses by IEC 60127: they carry their rated current for good, 1.5 times of it for an hour at least, and from 2.1
 * times of it blow within half an hour. Between the two nobody can say: that is an overload, not a blown fuse.
 */
export const BLOWS_AT = 2.1;

/**
 * Blows the fuse that is furthest beyond its rating, where one is, in a circuit that has otherwise come to rest: a source that
 * cannot deliver what a fuse needs to blow leaves it whole. True where one blew. One at a time: what it took off the circuit may
 * spare the others.
 */
export function blowInPlace({ fast, scratch }: Netlist, on: Uint8Array): boolean {
  const { fuses, a, b, maxAmps } = fast;
  const { potential, siemens } = scratch;
  let worst = -1;
  let most = BLOWS_AT;
  for (let i = 0; i < fuses.length; i += 1) {
    const index = fuses[i]!;
    if (on[index] !== ON) continue;
    const amps = Math.abs(siemens[index]! * (potential[a[index]!]! - potential[b[index]!]!));
    const times = amps / maxAmps[index]!;
    if (times <= most) continue;
    most = times;
    worst = index;
  }
  if (worst < 0) return false;
  on[worst] = BLOWN;
  return true;
}

/** A settled circuit with new fuses in one device: what flows then is not known before it is settled again. */
export function withNewFuses(
  { branches, fast }: Pick<Netlist, 'branches' | 'fast'>,
  { volts, amps, on, island, restless, rounds, alternating }: OperatingPoint,
  device: string,
): OperatingPoint {
  const begin = on.slice();
  for (const index of fast.fuses) {
    const branch = branches[index];
    if (branch?.kind === 'fuse' && branch.device === device) begin[index] = ON;
  }
  return { volts, amps, on: begin, island, restless, rounds, alternating, damages: [] };
}

/** Fuses that are blown now and were whole before, by branch number. */
export const blownBetween = (
  { fast }: Pick<Netlist, 'fast'>,
  before: Uint8Array,
  now: Uint8Array,
): number[] =>
  fast.fuses.length === 0
    ? []
    : [...fast.fuses].filter((index) => now[index] === BLOWN && before[index] !== BLOWN);
