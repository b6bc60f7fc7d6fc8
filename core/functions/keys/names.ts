import type { Naming } from '../naming';

export const keys: Naming<'keys'> = {
  blank: () => ({ kind: 'keys', keys: { '1': 'key1' } }),
  states: ({ keys }) => Object.values(keys).map((state) => [state, 'hand']),
};
