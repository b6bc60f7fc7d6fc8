import { blankBus, busSettings } from '../channelNaming';
import type { Naming } from '../naming';

export const busHost: Naming<'busHost'> = {
  blank: (board) => ({ kind: 'busHost', board, bus: blankBus }),
  parts: ({ board }) => [board],
  settings: ({ bus }) => busSettings(bus),
};
