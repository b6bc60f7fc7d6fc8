import type { Words } from '../text';

export const exitDead: Words = {
  title: (v) => `Exit ${v['tag']} does not open the door`,
  reason: (v) =>
    `Used at rest, ${v['tag']} ${v['by'] === 'operator' ? 'starts no operator' : 'releases no lock'}. Check its contact, its supply and the input it lands on.`,
};
