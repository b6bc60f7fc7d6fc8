import type { Netlist } from './netlist';
import { ON, voltsAcross, type OperatingPoint } from './operatingPoint';

/** What a dry input makes of its terminals: `unsure` between its bands, `dead` while its board is off. */
export type InputReading = 'closed' | 'open' | 'unsure' | 'dead';

/** Reads the input with this branch id. */
export function readInput(netlist: Netlist, point: OperatingPoint, id: string): InputReading {
  const index = netlist.branchOf.get(id);
  const branch = index === undefined ? undefined : netlist.branches[index];
  if (index === undefined || branch?.kind !== 'input') return 'dead';
  const board = netlist.branchOf.get(branch.poweredBy);
  if (board === undefined || point.on[board] !== ON) return 'dead';
  const volts = voltsAcross(netlist, point, index);
  if (volts === null || volts > branch.openAbove * branch.volts) return 'open';
  return volts < branch.closedBelow * branch.volts ? 'closed' : 'unsure';
}
