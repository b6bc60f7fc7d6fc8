import type { Branch } from './branch';
import type { Netlist } from './netlist';
import { BLOWS_AT } from './fuses';
import { BLOWN, LIMITING, ON } from './mode';
import { type Damage, type OperatingPoint } from './operatingPoint';

/** Reverse voltage that a polarised board is taken not to survive, volts. */
const REVERSE_VOLTS = 0.6;
/** How far above its own pull-up a dry input may be driven before it counts as fed, volts. */
const DRIVEN_VOLTS = 0.5;

/** Voltage of the wrong kind of current that a part is taken to suffer from, volts. */
export const ALTERNATING_VOLTS = 1;

/** Volts of the kind of current that the part is not made for; 0 for one that bears both. */
function wrongVolts(branch: Branch, across: number, alternating: number): number {
  switch (branch.kind) {
    case 'electronic':
    case 'coil':
    case 'load':
      if (branch.current === 'both') return 0;
      return Math.abs(branch.current === 'ac' ? across - alternating : alternating);
    case 'diode':
    case 'input':
      return Math.abs(alternating);
    default:
      return 0;
  }
}

/** Every part that is fed beyond its rating in this state. Recorded, never thrown: the circuit goes on. */
export function damagesOf(
  netlist: Netlist,
  point: Pick<OperatingPoint, 'volts' | 'amps' | 'on' | 'island' | 'alternating'>,
): Damage[] {
  const damages: Damage[] = [];
  const { branches } = netlist;
  const { a, b } = netlist.fast;
  for (const index of netlist.fast.rated) {
    if (point.island[a[index]!] !== point.island[b[index]!]) continue;
    const across = point.volts[a[index]!]! - point.volts[b[index]!]!;
    if (Number.isNaN(across)) continue;
    const { alternating } = point;
    const swings = alternating ? alternating[a[index]!]! - alternating[b[index]!]! : 0;
    const found = damageOf(branches[index]!, across, point.amps[index]!, point.on[index]!, swings);
    if (found) damages.push({ ...found, branch: index });
  }
  return damages;
}

function damageOf(
  branch: Branch,
  across: number,
  amps: number,
  mode: number,
  alternating: number,
): Omit<Damage, 'branch'> | null {
  const wrong = wrongVolts(branch, across, alternating);
  if (wrong > ALTERNATING_VOLTS) return { kind: 'wrong-current', measured: wrong, limit: 0 };
  switch (branch.kind) {
    case 'electronic':
      if (branch.current !== 'dc') {
        const size = Math.abs(across);
        return size > branch.maxVolts
          ? { kind: 'over-voltage', measured: size, limit: branch.maxVolts }
          : null;
      }
      if (across < -REVERSE_VOLTS) return { kind: 'reversed', measured: across, limit: 0 };
      if (across > branch.maxVolts) return { kind: 'over-voltage', measured: across, limit: branch.maxVolts };
      return null;
    case 'coil':
    case 'load': {
      const size = Math.abs(across);
      return size > branch.maxVolts ? { kind: 'over-voltage', measured: size, limit: branch.maxVolts } : null;
    }
    case 'input': {
      const high = across > branch.volts + DRIVEN_VOLTS;
      const low = across < -DRIVEN_VOLTS;
      return high || low ? { kind: 'driven-input', measured: across, limit: branch.volts } : null;
    }
    case 'contact': {
      const size = Math.abs(amps);
      const over = mode === ON && size > branch.maxAmps;
      return over ? { kind: 'contact-overload', measured: size, limit: branch.maxAmps } : null;
    }
    case 'fuse': {
      const blowsAt = BLOWS_AT * branch.ratedAmps;
      if (mode === BLOWN) return { kind: 'fuse-blown', measured: blowsAt, limit: branch.ratedAmps };
      const size = Math.abs(amps);
      return size > branch.ratedAmps
        ? { kind: 'fuse-overload', measured: size, limit: branch.ratedAmps }
        : null;
    }
    case 'output': {
      const size = Math.abs(across);
      return size > branch.maxVolts
        ? { kind: 'driven-output', measured: size, limit: branch.maxVolts }
        : null;
    }
    case 'source':
      return mode === LIMITING ? { kind: 'source-overload', measured: -amps, limit: branch.maxAmps } : null;
    default:
      return null;
  }
}
