import type { Words } from '../text';

export const passageUnset: Words = {
  title: (v) =>
    v['how'] === 'not-set'
      ? `${v['tag']} is not told of its free passage`
      : `${v['tag']} unlocks by hours that nobody named`,
  reason: (v) =>
    v['how'] === 'not-set'
      ? `${v['door']} has hours of free passage, and the menu of ${v['tag']} says that it keeps none: the door stays locked.`
      : `The menu of ${v['tag']} says that it keeps hours of free passage, and ${v['door']} names none: when it stands unlocked is not known.`,
  remedy: (v) => (v['how'] === 'not-set' ? 'Unlock by the clock' : 'Set no free passage'),
};
