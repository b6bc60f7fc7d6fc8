import type { Words } from '../text';

export const cardLineMissing: Words = {
  title: (v) => `A data line of ${v['tag']} is missing`,
  reason: (v) => `${v['controller']} sees one line only: the reader beeps, and the door stays locked.`,
};
