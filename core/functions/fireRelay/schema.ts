import { kindOf, name } from '../shape';

/** A contact of the fire alarm system. It follows the alarm, or is latched until a key resets it, as a setting says. */
export const fireRelay = kindOf('fireRelay', { state: name, latchSetting: name });
