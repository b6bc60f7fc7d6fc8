import type { Words } from '../text';

export const readerDead: Words = {
  title: (v) => `${v['tag']} has no power`,
  reason: () => 'The reader does not start, so no card can be read.',
};
