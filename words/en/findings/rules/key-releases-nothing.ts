import type { Words } from '../text';

export const keyReleasesNothing: Words = {
  title: (v) => `The key of ${v['tag']} releases nothing`,
  reason: (v) =>
    v['relay']
      ? `Channel ${v['channel']} should work ${v['relay']}; with the key pressed, the lock does not change.`
      : `With the key pressed, the lock does not change. ${v['channel'] ? 'The door has no release relay on this channel.' : 'Its lock voltage reaches no relay that works the exit input.'}`,
};
