import type { Words } from '../text';

export const deadStateOverridden: Words = {
  title: (v) => `Chosen against the recommendation: ${v['state']}`,
  reason: (v) => `${v['reason'] || 'No reason given'}${v['by'] ? ` (${v['by']})` : ''}.`,
};
