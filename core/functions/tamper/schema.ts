import { kindOf, name } from '../shape';

/**
 * A loop through covers and lids, closed while nobody opens one: the tamper alarm lasts until it is closed again. A setting
 * with the values `off` and `on` says whether the loop is used.
 */
export const tamper = kindOf('tamper', { board: name, input: name, usedSetting: name });
