import type { Words } from '../text';

export const interlockTraps: Words = {
  title: () => 'While the other door is open nobody gets out here',
  reason: () =>
    'Exits wait for the other door, and nothing else lets people out. Let requests to exit override the interlock, or fit a break glass in this door’s lock power.',
};
