import { describe } from './kind';

export const CABLES = describe('cables', {
  list: 'cables',
  as: 'cable',
  word: 'cable',
  key: 'id',
  verbs: { put: 'setCable' },
  fixed: ['id', 'door'],
  most: 40_000,
  refs: [{ to: 'doors', of: ({ door }) => [{ id: door, at: 'door' }], onGone: 'goes' }],
  problem: (_plan, { id, door, name }) =>
    id === `${door}/${name}` ? null : { reason: 'id-differs', id, at: 'id' },
  secrets: {},
  doors: ({ door }) => [door],
});
