import type { Words } from '../text';

export const screenBothEnds: Words = {
  title: (v) => `The screen of ${v['cable']} is earthed at both ends`,
  reason: () => 'Earth currents then flow through it and into the signal. Earth it at one end only.',
  remedy: () => 'Earth one end',
};
