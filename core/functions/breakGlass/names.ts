import type { Naming } from '../naming';

export const breakGlass: Naming<'breakGlass'> = {
  blank: () => ({ kind: 'breakGlass', state: 'pressed' }),
  states: ({ state }) => [[state, 'glass']],
};
