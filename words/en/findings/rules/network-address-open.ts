import type { Words } from '../text';

export const networkAddressOpen: Words = {
  title: (v) => `${v['tag']} has no network address noted`,
  reason: () => 'Note its address and hardware number from its screen before you mount it.',
};
