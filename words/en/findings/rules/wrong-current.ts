import { volts, type Words } from '../text';

export const wrongCurrent: Words = {
  title: (v) => `${v['tag']} gets the wrong kind of current`,
  reason: (v) =>
    `${volts(v, 'measured')} at ${v['terminal']}: it is made for the other kind. AC destroys DC boards, and a DC coil on AC only hums.`,
};
