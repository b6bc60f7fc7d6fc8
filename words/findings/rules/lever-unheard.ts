import type { Words } from '../text';

export const leverUnheard: Words = {
  title: (v) => `The controller does not hear the lever ${v['tag']}`,
  reason: () =>
    'Its contact is wired, but turning it still raises a forced-open alarm: it closes no input that the controller reads as an exit.',
};
