import type { Words } from '../text';

export const noBreakGlass: Words = {
  title: () => 'No emergency break',
  reason: () =>
    'A lock that needs power to hold must be released by cutting its power at the door. Add a break glass in both legs of the lock power.',
};
