import type { Naming } from '../naming';

export const output: Naming<'output'> = {
  blank: (board) => ({ kind: 'output', board, state: 'output', follows: 'alarm' }),
  parts: ({ board }) => [board],
  settings: ({ follows }) =>
    typeof follows === 'string' ? [] : [{ key: 'follows.setting', id: follows.setting }],
  states: ({ state }) => [[state, 'output']],
};
