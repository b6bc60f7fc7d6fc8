import { blankChannel, channelInputs } from '../channelNaming';
import type { Naming } from '../naming';

export const decides: Naming<'decides'> = {
  blank: (board) => ({ kind: 'decides', board, channels: [blankChannel()] }),
  parts: ({ board }) => [board],
  inputs: ({ channels }) => channels.flatMap(channelInputs),
  states: ({ channels }) => channels.map(({ relay }) => [relay, 'relay']),
};
