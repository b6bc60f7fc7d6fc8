import { kindOf, name } from '../shape';

/** Closes while somebody turns the lever, or pushes the bar, from inside. */
export const lever = kindOf('lever', { state: name });
