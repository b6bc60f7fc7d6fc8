import type { Words } from '../text';

export const networkAddressOpen: Words = {
  title: (v) => `${v['tag']} has no network address noted`,
  reason: () => 'Note the address and the hardware number from its screen before it is mounted.',
};
