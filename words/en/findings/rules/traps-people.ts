import type { Words } from '../text';

export const trapsPeople: Words = {
  title: () => 'This door can trap people',
  reason: () =>
    'It stays locked without power and nothing mechanical opens it from inside. Fit a lever or bar that retracts the latch, or make it fail-safe.',
};
