import type { Words } from '../text';

export const bellSilent: Words = {
  title: (v) => `${v['tag']} rings nothing`,
  reason: () => 'Pressed, no bell gets its voltage and no bell input closes.',
};
