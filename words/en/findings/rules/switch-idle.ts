import type { Words } from '../text';

export const switchIdle: Words = {
  title: (v) => `${v['tag']} changes nothing`,
  reason: () => `Turned or lifted, no input, relay or lock notices: its wires lead to nothing that is used.`,
};
