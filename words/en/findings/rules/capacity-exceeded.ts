import type { Words } from '../text';

export const capacityExceeded: Words = {
  title: (v) => `More people than ${v['tag']} holds`,
  reason: (v) => `${v['measured']} are listed for this door; it holds ${v['limit']}.`,
};
