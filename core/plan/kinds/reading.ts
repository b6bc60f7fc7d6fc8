import { describe } from './kind';

export const READINGS = describe('readings', {
  list: 'readings',
  as: 'reading',
  word: 'reading',
  key: 'id',
  verbs: { add: 'addReading', remove: 'removeReading' },
  fixed: ['id', 'door'],
  most: 200_000,
  refs: [{ to: 'doors', of: ({ door }) => [{ id: door, at: 'door' }], onGone: 'goes' }],
  secrets: {},
  doors: ({ door }) => [door],
});
