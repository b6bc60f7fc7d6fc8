import type { Words } from '../text';

export const eolAroundPart: Words = {
  title: (v) => `Opening the door reads as trouble at ${v['terminal']}`,
  reason: () =>
    'A contact of the line is outside its resistor: when it opens, the line reads as cut. The resistor belongs across all of them.',
};
