import { volts, wire, type Words } from '../text';

export const linkSuperfluous: Words = {
  title: (v) => `${v['terminal']} is fed twice`,
  reason: (v) =>
    `The output jumper is on wet: the common has the board’s own ${volts(v, 'volts')} already. ${wire(v)} feeds ${v['other']} back into the board.`,
  remedy: (v) => `Take ${v['wire']} out`,
};
