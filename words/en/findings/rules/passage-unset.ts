import type { Words } from '../text';

export const passageUnset: Words = {
  title: (v) =>
    v['how'] === 'not-set'
      ? `${v['tag']} is not set for its unlock schedule`
      : `${v['tag']} unlocks by a schedule that nobody set`,
  reason: (v) =>
    v['how'] === 'not-set'
      ? `${v['door']} has an unlock schedule, and the menu of ${v['tag']} says that it has none: the door stays locked.`
      : `The menu of ${v['tag']} says that it has an unlock schedule, and ${v['door']} has none: when it is unlocked is not known.`,
  remedy: (v) => (v['how'] === 'not-set' ? 'Unlock by schedule' : 'Set no unlock schedule'),
};
