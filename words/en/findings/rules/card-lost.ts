import type { Words } from '../text';

export const cardLost: Words = {
  title: (v) => `Cards at ${v['tag']} do not reach the controller`,
  reason: () => 'Neither data line moves an input. Check D0, D1 and the common 0 V.',
};
