import type { Words } from '../text';

export const noDecider: Words = {
  title: () => 'Nothing controls who may enter',
  reason: () => 'Add a controller or a keypad.',
};
