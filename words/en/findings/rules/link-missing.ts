import type { Words } from '../text';

export const linkMissing: Words = {
  title: (v) => `The link to ${v['to']} is missing`,
  reason: (v) =>
    `A dry contact only switches. Without a link from ${v['from']} to ${v['to']} no power reaches ${v['tag']}.`,
  remedy: () => 'Add the link',
};
