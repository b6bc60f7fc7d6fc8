import type { Words } from '../text';

export const addressClash: Words = {
  title: (v) => `${v['tag']} and ${v['other']} have the same address`,
  reason: (v) =>
    `Both answer to ${v['measured']}, so neither is understood. Set one of them to another address on its switches.`,
  remedy: () => 'Set a free address',
};
