import { busPort, kindOf, name } from '../shape';

/** Listens to readers on a bus or a serial line, for the doors by which it decides. */
export const busHost = kindOf('busHost', { board: name, bus: busPort });
