import type { Words } from '../text';

export const lockdownIdle: Words = {
  title: (v) => `${v['tag']} shuts nobody out`,
  reason: () => `Pressed, a card or code still opens the door: it works no lockdown input.`,
};
