import type { Netlist } from './netlist';
import { ON } from './mode';
import { voltsAcross, type OperatingPoint } from './operatingPoint';

/**
 * What an input makes of its terminals: `unsure` between the bands of a plain one, `trouble` outside those of a
 * supervised one, `dead` while its board is off.
 */
export type InputReading = 'closed' | 'open' | 'unsure' | 'trouble' | 'dead';

/** Reads the input with this branch id. */
export function readInput(netlist: Netlist, point: OperatingPoint, id: string): InputReading {
  const index = netlist.branchOf.get(id);
  return index === undefined ? 'dead' : readInputAt(netlist, point, index);
}

/** Reads the input that this branch is; what is none is dead. */
export function readInputAt(netlist: Netlist, point: OperatingPoint, index: number): InputReading {
  const branch = netlist.branches[index];
  if (branch?.kind !== 'input') return 'dead';
  const board = netlist.boardOf[index]!;
  if (board < 0 || point.on[board] !== ON) return 'dead';
  const volts = voltsAcross(netlist, point, index);
  if (branch.supervised) {
    const share = volts === null ? 1 : volts / branch.volts;
    const within = ([low, high]: readonly [number, number]) => share >= low && share <= high;
    if (within(branch.supervised.closed)) return 'closed';
    return within(branch.supervised.open) ? 'open' : 'trouble';
  }
  if (volts === null || volts > branch.openAbove * branch.volts) return 'open';
  return volts < branch.closedBelow * branch.volts ? 'closed' : 'unsure';
}
