import type { Words } from '../text';

export const leverUnheard: Words = {
  title: (v) => `The controller does not see the lever ${v['tag']}`,
  reason: () =>
    'Leaving by it raises a door forced alarm: its contact closes no input that the controller reads as a request to exit.',
};
