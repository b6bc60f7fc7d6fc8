import type { Words } from '../text';

export const switchTraps: Words = {
  title: (v) => `With ${v['tag']} operated there is no way out`,
  reason: () =>
    `With it operated no exit works, and nothing mechanical opens. A lockdown should keep people out, and nobody in.`,
};
