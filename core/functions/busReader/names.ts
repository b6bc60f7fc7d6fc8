import { blankBus, busSettings } from '../channelNaming';
import type { Naming } from '../naming';

export const busReader: Naming<'busReader'> = {
  blank: (board) => ({ kind: 'busReader', board, bus: blankBus }),
  parts: ({ board }) => [board],
  settings: ({ bus }) => busSettings(bus),
};
