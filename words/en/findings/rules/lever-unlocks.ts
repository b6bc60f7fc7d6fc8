import type { Words } from '../text';

export const leverUnlocks: Words = {
  title: (v) => `The lever ${v['tag']} also unlocks the door`,
  reason: () =>
    'The lever retracts the latch by itself. Its contact only has to report; unlocking as well leaves the door unlocked from outside for the unlock time.',
  remedy: () => 'Report only',
};
