import type { Words } from '../text';

export const spareLegsTied: Words = {
  title: (v) => `Spare legs of ${v['tag']} are tied together`,
  reason: (v) =>
    `${v['wire']} joins ${v['from']} and ${v['to']}, which belong to two circuits. They are joined as soon as it is worked. Cap each leg separately.`,
  remedy: (v) => `Remove ${v['wire']}`,
};
