import type { Words } from '../text';

export const readerKind: Words = {
  title: (v) => `${v['tag']} and ${v['other']} use different interfaces`,
  reason: (v) =>
    v['kind'] === 'bus'
      ? 'It is an RS-485 reader; this controller has no reader bus. Use a Wiegand reader, or another controller.'
      : 'It is a Wiegand reader; this controller takes readers on a bus only. Use an RS-485 reader, or another controller.',
};
