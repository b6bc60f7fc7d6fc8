import type { Words } from '../text';

export const readerKind: Words = {
  title: (v) => `${v['tag']} does not speak what ${v['other']} hears`,
  reason: (v) =>
    v['kind'] === 'bus'
      ? 'It talks on an RS-485 pair; this controller has no bus. Take a Wiegand reader, or another controller.'
      : 'It talks Wiegand; this controller hears readers on a bus only. Take an RS-485 reader, or another controller.',
};
