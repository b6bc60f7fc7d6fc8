import type { BranchOf } from './branch';

/** Conductances that follow from a rating alone. */

/** A board for alternating current as a resistance: its rated draw halfway between its limits. */
export const boardSiemens = ({ draw, minVolts, maxVolts }: BranchOf<'electronic'>): number =>
  (2 * draw) / (minVolts + maxVolts);

/** Voltage that a fuse drops at its rated current, volts: 0.1, as fuses of 1 to 6.3 A do. */
const DROP = 0.1;

/** Conductance of a whole fuse, siemens. */
export const fuseSiemens = (ratedAmps: number): number => ratedAmps / DROP;
