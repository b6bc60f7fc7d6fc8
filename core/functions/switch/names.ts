import type { Naming } from '../naming';

export const switch_: Naming<'switch'> = {
  blank: () => ({ kind: 'switch', state: 'turned' }),
  states: ({ state }) => [[state, 'left']],
};
