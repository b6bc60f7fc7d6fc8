import type { Words } from '../text';

export const passbackOneSide: Words = {
  title: (v) => `Who came in by ${v['tag']} never comes in again`,
  reason: (v) =>
    `${v['tag']} watches that no card comes in twice, and no reader on the inside tells it that one has gone out: the second time each card is refused or reported. Fit a reader inside, or watch no passback here.`,
};
