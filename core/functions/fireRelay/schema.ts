import { kindOf, name } from '../shape';

/**
 * A contact of the fire alarm system. It follows the alarm, or is latched until a key resets it, as a setting says. `coilSetting`: how
 * its coil is worked, `at-rest` where it is energised until an alarm, so that a dead panel or a cut cable releases, `on-alarm` where an alarm
 * energises it; any other value leaves it unsaid.
 */
export const fireRelay = kindOf('fireRelay', {
  state: name,
  latchSetting: name,
  coilSetting: name.optional(),
});
