import type { Words } from '../text';
import { fireInputHow, fireInputRemedy } from '../text';

export const fireInputDeaf: Words = {
  title: (v) => `A fire does not reach ${v['terminal']}`,
  reason: (v) => `${fireInputHow(v)} In a fire ${v['tag']} drops nothing, and its doors stay locked.`,
  remedy: fireInputRemedy,
};
