import { blankChannel, channelInputs } from '../channelNaming';
import type { Naming } from '../naming';

export const timer: Naming<'timer'> = {
  blank: (board) => ({ kind: 'timer', board, channel: blankChannel() }),
  parts: ({ board }) => [board],
  inputs: ({ channel }) => channelInputs(channel, null),
  states: ({ channel }) => [[channel.relay, 'relay']],
};
