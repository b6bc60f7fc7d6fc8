import type { Naming } from '../naming';

export const doorContact: Naming<'doorContact'> = {
  blank: () => ({ kind: 'doorContact', state: 'doorOpen' }),
  states: ({ state }) => [[state, 'leaf']],
};
