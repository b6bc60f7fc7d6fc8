import type { Naming } from '../naming';

export const operator: Naming<'operator'> = {
  blank: (board) => ({ kind: 'operator', board, activate: 'activate', relay: 'release', settings: 'op' }),
  parts: ({ board, close, stop, safety }) => [board, close, stop, safety],
  inputs: ({ activate }) => [[activate, 'exit', null]],
  states: ({ relay }) => [[relay, 'relay']],
};
