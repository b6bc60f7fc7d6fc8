import type { Naming } from '../naming';

export const ownCodes: Naming<'ownCodes'> = {
  blank: (board) => ({ kind: 'ownCodes', board, bell: null }),
  parts: ({ board }) => [board],
  states: ({ bell }) => (bell === null ? [] : [[bell, 'bell']]),
};
