import type { Words } from '../text';

export const cableSizeDiffers: Words = {
  title: (v) => `Wires in ${v['cable']} are of another size than the cable`,
  reason: (v) => `${v['wires']} differ from ${v['make']}. Choose the cable for them, or give them its size.`,
};
