import type { Words } from '../text';

export const restless: Words = {
  title: (v) => `${v['tag']} never comes to rest`,
  reason: () =>
    'It switches itself on and off: chatter of a relay, or a voltage that collapses as soon as it starts.',
};
