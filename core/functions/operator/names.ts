import type { Naming } from '../naming';

export const operator: Naming<'operator'> = {
  blank: (board) => ({ kind: 'operator', board, activate: 'activate', relay: 'release', settings: 'op' }),
  parts: ({ board, close, stop, safety }) => [board, close, stop, safety],
  inputs: ({ activate, fire }) => [
    [activate, 'exit', null],
    [fire, 'fire', null],
  ],
  settings: ({ fireSetting }) => [{ key: 'fireSetting', id: fireSetting, values: ['off', 'on'] }],
  states: ({ relay }) => [[relay, 'relay']],
};
