import { list, type Values, type Words } from '../text';

export const hoursNotKept: Words = {
  title: (v) => `${v['tag']} keeps no hours`,
  reason: (v) =>
    `Asked of this door: ${asked(v)}. ${v['tag']} has no clock, so whoever it lets in comes in at all hours, and it unlocks by none: take a controller or terminal that is told over the network, or ask for no hours here.`,
};

const asked = (v: Values): string =>
  list(v['asked'])
    .map((one) =>
      one === 'free' ? 'free passage' : one === 'opening' ? 'opening hours' : `hours of “${one}”`,
    )
    .join(', ');
