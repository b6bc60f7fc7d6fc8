import { describe } from './kind';

export const READINGS = describe('readings', {
  list: 'readings',
  as: 'reading',
  word: 'reading',
  key: 'id',
  verbs: { add: 'addReading', set: 'setReading', remove: 'removeReading' },
  // What was read stays as it was read.
  fixed: ['id', 'door', 'check', 'value', 'passed', 'low', 'high', 'by', 'at'],
  most: 200_000,
  refs: [{ to: 'doors', of: ({ door }) => [{ id: door, at: 'door' }], onGone: 'goes' }],
  secrets: {},
  doors: ({ door }) => [door],
});
