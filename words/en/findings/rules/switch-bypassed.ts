import type { Words } from '../text';

export const switchBypassed: Words = {
  title: (v) =>
    v['state'] === 'fail-secure'
      ? `${v['tag']} is fed past its relay: it is always unlocked`
      : `${v['tag']} is fed past its relay: it never releases`,
  reason: (v) =>
    `On a request the relay switches, and the current of ${v['tag']} does not go through it.` +
    (v['wire'] ? ` With ${v['wire']} on ${v['terminal']} it would.` : ''),
  remedy: (v) => `Move ${v['wire']} to ${v['terminal']}`,
};
