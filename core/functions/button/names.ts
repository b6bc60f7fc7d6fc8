import type { Naming } from '../naming';

export const button: Naming<'button'> = {
  blank: () => ({ kind: 'button', state: 'pressed' }),
  settings: ({ holdSetting }) => [{ key: 'holdSetting', id: holdSetting }],
  states: ({ state }) => [[state, 'hand']],
};
