import type { Naming } from '../naming';

export const lever: Naming<'lever'> = {
  blank: () => ({ kind: 'lever', state: 'turned' }),
  states: ({ state }) => [[state, 'lever']],
};
