import type { Naming } from '../naming';

export const reader: Naming<'reader'> = {
  blank: (board) => ({ kind: 'reader', board, d0: 'd0', d1: 'd1' }),
  parts: ({ board }) => [board],
  states: ({ d0, d1 }) => [
    [d0, 'data'],
    [d1, 'data'],
  ],
};
