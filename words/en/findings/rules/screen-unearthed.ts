import type { Words } from '../text';

export const screenUnearthed: Words = {
  title: (v) => `The screen of ${v['cable']} is not earthed`,
  reason: () => 'Open at both ends it does nothing. Land its drain wire on earth at one end.',
  remedy: () => 'Earth it in the enclosure',
};
