import type { Words } from '../text';

export const unswitchedGround: Words = {
  title: (v) => `${v['tag']} returns to a ground that is not switched`,
  reason: (v) =>
    `The output switches its own minus. With its return on another ground the lock never lets go. It belongs on ${v['terminal']}.`,
  remedy: (v) => `Move ${v['wire']} to ${v['terminal']}`,
};
