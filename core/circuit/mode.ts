/** Modes of a branch's discrete state, in `OperatingPoint.on`. */
export const OFF = 0;
/** Contact closed, coil pulled in, board running, diode conducting, source at its set voltage. */
export const ON = 1;
/** Source at its current limit. */
export const LIMITING = 2;
/** Fuse that has blown. It is ON while it is whole. */
export const BLOWN = 2;
