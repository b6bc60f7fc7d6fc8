import { list, type Values, type Words } from '../text';

export const hoursNotKept: Words = {
  title: (v) => `${v['tag']} keeps no schedule`,
  reason: (v) =>
    `This door needs: ${asked(v)}. ${v['tag']} has no clock, so whoever it lets in comes in at any time, and it has no unlock schedule. Use a networked controller or terminal, or ask for no schedule here.`,
};

const asked = (v: Values): string =>
  list(v['asked'])
    .map((one) =>
      one === 'free' ? 'an unlock schedule' : one === 'opening' ? 'opening hours' : `hours of “${one}”`,
    )
    .join(', ');
