import type { Words } from '../text';

export const lockdownIdle: Words = {
  title: (v) => `${v['tag']} locks nobody out`,
  reason: () => `With it pressed, a card or code still opens the door: it is on no lockdown input.`,
};
