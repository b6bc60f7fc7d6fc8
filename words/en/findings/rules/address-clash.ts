import type { Words } from '../text';

export const addressClash: Words = {
  title: (v) => `${v['tag']} and ${v['other']} have the same address`,
  reason: (v) => `Both answer to ${v['measured']}, and neither is understood. Set another on the switches.`,
  remedy: () => 'Give a free address',
};
