import type { Words } from '../text';

export const switchBypassed: Words = {
  title: (v) =>
    v['state'] === 'fail-secure'
      ? `${v['tag']} is fed past its switch: it is always open`
      : `${v['tag']} is fed past its switch: it never lets go`,
  reason: (v) =>
    `When the door is asked its relay moves, and the current of ${v['tag']} does not pass it.` +
    (v['wire'] ? ` With ${v['wire']} on ${v['terminal']} it does.` : ''),
  remedy: (v) => `Move ${v['wire']} to ${v['terminal']}`,
};
