import type { Words } from '../text';

export const leverUnheard: Words = {
  title: (v) => `The controller does not hear the lever ${v['tag']}`,
  reason: () =>
    'Whoever leaves by it raises a forced-open alarm: its contact closes no input that the controller reads as an exit.',
};
