import type { Words } from '../text';

export const stationNotParallel: Words = {
  title: (v) => `${v['tag']} is not wired in parallel`,
  reason: (v) =>
    `Answering stations of one set are wired terminal to terminal: ${v['from']} and ${v['to']} are not joined.`,
};
