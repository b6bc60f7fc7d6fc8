import type { Words } from '../text';

export const fireThroughController: Words = {
  title: (v) => `${v['tag']} releases only through ${v['other']}`,
  reason: () =>
    'A controller that hangs releases nothing. The fire contact belongs in the lock’s own power, or on the fire input of the supply that feeds it.',
};
