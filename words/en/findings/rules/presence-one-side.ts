import type { Words } from '../text';

export const presenceOneSide: Words = {
  title: (v) => `${v['tag']} is full energy and has one presence sensor`,
  reason: (v) =>
    `A swing leaf sweeps one side when it opens and the other when it closes: ${v['by']} sees one of them. Fit a second, with its normally closed contact in the same loop.`,
};
