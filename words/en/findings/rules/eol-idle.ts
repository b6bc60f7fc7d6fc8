import type { Words } from '../text';

export const eolIdle: Words = {
  title: (v) => `${v['tag']} is planned and not wired`,
  reason: (v) =>
    `No wire leads to ${v['terminal']}. An end-of-line resistor belongs at the far end of the supervised pair, at the contact itself.`,
};
