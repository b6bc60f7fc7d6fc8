import type { Words } from '../text';

export const leverUnlocks: Words = {
  title: (v) => `The lever ${v['tag']} also lets the lock go`,
  reason: () =>
    'The lever opens the latch by itself. Its contact only has to report; unlocking as well leaves the door open from outside for the exit time.',
  remedy: () => 'Report only',
};
