import type { Words } from '../text';

export const interlockBlind: Words = {
  title: (v) => `${v['tag']} does not see this door open: its interlock lets the other open too`,
  reason: () => `An interlock only knows a door by its contact. Wire the door contact to its input.`,
};
