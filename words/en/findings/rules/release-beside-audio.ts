import type { Words } from '../text';

export const releaseBesideAudio: Words = {
  title: (v) => `Release wires share ${v['cable']} with speech`,
  reason: (v) =>
    `${v['wires']} work a relay: in one cable with speech they hum. Give them a cable of their own.`,
};
