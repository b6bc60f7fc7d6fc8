import { stateSentence, type Words } from '../text';

export const deadStateOpen: Words = {
  title: () => 'Choose fail-safe or fail-secure',
  reason: (v) => `Recommended: ${v['state']}, ${stateSentence(String(v['state']))}.`,
  remedy: (v) => `Choose ${v['state']}`,
};
