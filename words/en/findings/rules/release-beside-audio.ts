import type { Words } from '../text';

export const releaseBesideAudio: Words = {
  title: (v) => `Release wires share ${v['cable']} with speech`,
  reason: (v) =>
    `${v['wires']} work a relay: in one cable with speech they cause hum. Run them in a separate cable.`,
};
