import { volts, wire, type Words } from '../text';

export const linkSuperfluous: Words = {
  title: (v) => `${v['terminal']} is fed twice`,
  reason: (v) =>
    `The output jumper is set to wet: the common already carries the board’s own ${volts(v, 'volts')}. ${wire(v)} feeds ${v['other']} back into the board.`,
  remedy: (v) => `Remove ${v['wire']}`,
};
