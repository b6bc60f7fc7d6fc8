import type { Words } from '../text';

export const fireThroughController: Words = {
  title: (v) => `${v['tag']} only asks ${v['other']}`,
  reason: () =>
    'A controller that hangs does not let go. The fire contact belongs in the lock’s own power, or on the fire input of the supply that feeds it.',
};
