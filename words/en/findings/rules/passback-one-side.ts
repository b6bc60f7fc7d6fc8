import type { Words } from '../text';

export const passbackOneSide: Words = {
  title: (v) => `Who came in by ${v['tag']} never comes in again`,
  reason: (v) =>
    `${v['tag']} watches that no card comes in twice, and no reader inside tells it that a card has gone out: from the second time on, each card is refused or reported. Fit a reader inside, or turn anti-passback off here.`,
};
