import type { Words } from '../text';

export const heldInFire: Words = {
  title: (v) => `In a fire ${v['tag']} stays locked`,
  reason: (v) =>
    `It is still fed by ${v['terminal']}${v['wire'] ? ` over ${v['wire']}` : ''}: ` +
    (v['fire']
      ? `${v['fire']} does not break that path. It must break the last feed of the lock, or drop ${v['supply']}.`
      : `the alarm drops something else. It must drop ${v['supply']}.`),
};
