import type { Naming } from '../naming';

export const sensor: Naming<'sensor'> = {
  blank: (board) => ({ kind: 'sensor', state: 'sensed', board }),
  parts: ({ board }) => [board],
  states: ({ state }) => [[state, 'hand']],
};
