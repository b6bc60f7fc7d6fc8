import type { Words } from '../text';
import { fireInputHow, fireInputRemedy } from '../text';

export const fireInputAlarm: Words = {
  title: (v) => `${v['terminal']} is in alarm already`,
  reason: (v) => `${fireInputHow(v)} Every output that ${v['tag']} drops in a fire is off now.`,
  remedy: fireInputRemedy,
};
