import type { Words } from '../text';

export const stationNotParallel: Words = {
  title: (v) => `${v['tag']} does not hang in parallel`,
  reason: (v) =>
    `Answering stations of one set are joined terminal by terminal: ${v['from']} and ${v['to']} are not one point.`,
};
