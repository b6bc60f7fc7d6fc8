import type { Words } from '../text';

export const portShared: Words = {
  title: (v) => `${v['tag']} and ${v['other']} share one reader port`,
  reason: (v) =>
    `Two Wiegand readers on one pair of data lines disturb each other: ${v['tag']} needs a port of its own.`,
};
