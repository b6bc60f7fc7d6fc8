import type { Words } from '../text';

export const intercomNoSupply: Words = {
  title: (v) => `Intercom set ${v['name']} has no supply`,
  reason: () => 'Add the supply of the set.',
};
