import { busPort, kindOf, name } from '../shape';

/** A reader that is listened to on a bus or a serial line. */
export const busReader = kindOf('busReader', { board: name, bus: busPort });
