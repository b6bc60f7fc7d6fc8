import type { Words } from '../text';

export const wrongThrow: Words = {
  title: (v) => `${v['tag']} is on ${v['wrong']}: the lock works inverted`,
  reason: (v) =>
    `A ${v['state']} lock belongs on ${v['right']}. On ${v['wrong']} it does the opposite of what it should.`,
  remedy: (v) => `Move to ${v['right']}`,
};
