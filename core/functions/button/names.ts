import type { Naming } from '../naming';

export const button: Naming<'button'> = {
  blank: () => ({ kind: 'button', state: 'pressed' }),
  states: ({ state }) => [[state, 'hand']],
};
