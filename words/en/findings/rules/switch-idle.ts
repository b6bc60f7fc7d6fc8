import type { Words } from '../text';

export const switchIdle: Words = {
  title: (v) => `${v['tag']} does nothing`,
  reason: () => `Operated, it changes no input, relay or lock: its wires go to nothing that is used.`,
};
