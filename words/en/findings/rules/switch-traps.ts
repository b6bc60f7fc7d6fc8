import type { Words } from '../text';

export const switchTraps: Words = {
  title: (v) => `${v['tag']}, worked, leaves no way out`,
  reason: () =>
    `With it every exit stays without effect, and nothing mechanical opens. A lockdown keeps people out, and nobody in.`,
};
