import type { Words } from '../text';

export const intercomNoSupply: Words = {
  title: (v) => `Intercom set ${v['name']} has no supply`,
  reason: () => 'Add the one supply of the set.',
};
