import type { Words } from '../text';

export const intercomNoAnswer: Words = {
  title: (v) => `Nobody answers in intercom set ${v['name']}`,
  reason: () => 'Add an answering station.',
};
