import type { Words } from '../text';

export const operatorUnminded: Words = {
  title: (v) => `${v['tag']} shuts on whoever stands there`,
  reason: (v) =>
    `Nothing in the plan works ${v['tag']}.${v['terminal']}: give it a safety edge, in a closed loop. How much force a drive may use is for the rules of your place.`,
};
