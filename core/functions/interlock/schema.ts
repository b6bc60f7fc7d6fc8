import { kindOf, name } from '../shape';

/**
 * Its doors as the locks of one room: none is released while another is released or open, where a setting is `on`. A second
 * setting is the time, s, that the room stays shut after one has closed; a third says whether exits wait too (`wait`) or not (`pass`).
 */
export const interlock = kindOf('interlock', {
  usedSetting: name,
  clearSetting: name.optional(),
  exitsSetting: name.optional(),
});
