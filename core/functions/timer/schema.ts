import { channel, kindOf, name } from '../shape';

/** A relay that pulls in for a set time when its input closes. */
export const timer = kindOf('timer', { board: name, channel });
