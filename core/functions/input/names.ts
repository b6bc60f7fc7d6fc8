import type { Naming } from '../naming';

export const input: Naming<'input'> = {
  blank: (board) => ({ kind: 'input', board, input: 'input', acts: 'aux' }),
  parts: ({ board, input }) => [board, input],
  settings: ({ acts, restSetting }) => [
    ...(typeof acts === 'string' ? [] : [{ key: 'acts.setting', id: acts.setting }]),
    { key: 'restSetting', id: restSetting, values: ['NO', 'NC'] },
  ],
};
