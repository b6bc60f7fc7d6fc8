import type { Words } from '../text';

export const interlockTraps: Words = {
  title: () => 'While the other door stands open nobody gets out here',
  reason: () =>
    'Exits wait for the other door, and nothing else lets people out. Let exits pass, or give this door a break glass in its lock’s power.',
};
