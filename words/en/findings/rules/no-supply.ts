import type { Words } from '../text';

export const noSupply: Words = {
  title: () => 'No supply yet',
  reason: () => 'Nothing feeds this door. Add a supply, or connect it to one of the site.',
};
