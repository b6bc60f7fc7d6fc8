import { num, type Words } from '../text';

export const busTooLong: Words = {
  title: (v) => `The bus of ${v['tag']} is too long`,
  reason: (v) => `${Math.round(num(v, 'measured'))} m; RS-485 carries about ${v['limit']} m.`,
};
