import type { Naming } from '../naming';

export const tamper: Naming<'tamper'> = {
  blank: (board) => ({ kind: 'tamper', board, input: 'tamper', usedSetting: 'tamper' }),
  parts: ({ board }) => [board],
  inputs: ({ input }) => [[input, 'tamper', null]],
  settings: ({ usedSetting }) => [{ key: 'usedSetting', id: usedSetting, values: ['off', 'on'] }],
};
