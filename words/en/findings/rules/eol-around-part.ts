import type { Words } from '../text';

export const eolAroundPart: Words = {
  title: (v) => `Opening the door reads as trouble at ${v['terminal']}`,
  reason: () =>
    'A contact of the line stands outside the resistor across it: when it opens, the pair is cut. The resistor belongs around all of them.',
};
