import type { Words } from '../text';

export const cableSizeDiffers: Words = {
  title: (v) => `Wires in ${v['cable']} are not the size of the cable`,
  reason: (v) =>
    `${v['wires']} differ from ${v['make']}. Choose a cable that fits them, or set them to its size.`,
};
