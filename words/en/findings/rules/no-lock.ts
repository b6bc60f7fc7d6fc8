import type { Words } from '../text';

export const noLock: Words = {
  title: () => 'No lock yet',
  reason: () => 'Add a lock: without one nothing about this door can be proven.',
};
