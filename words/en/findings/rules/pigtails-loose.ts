import type { Words } from '../text';

export const pigtailsLoose: Words = {
  title: (v) => `${v['count']} ${v['count'] === 1 ? 'lead' : 'leads'} of ${v['tag']} not used`,
  reason: (v) => `${v['terminals']}: unplug them, or cap each one separately before you power up.`,
};
