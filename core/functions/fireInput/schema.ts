import { kindOf, name } from '../shape';

/** Outputs that drop on a fire input: while it is not closed (NC), or while it is (NO, where a setting says so). */
export const fireInput = kindOf('fireInput', {
  input: name,
  state: name,
  latchSetting: name,
  /** Setting with the values NC and NO; without one the input is a monitored NC. */
  triggerSetting: name.optional(),
});
