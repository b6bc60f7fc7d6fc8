import { describe } from './kind';

export const DOORS = describe('doors', {
  list: 'doors',
  as: 'door',
  word: 'door',
  key: 'id',
  verbs: { add: 'addDoor', set: 'setDoor', remove: 'removeDoor' },
  fixed: ['id'],
  most: 2000,
  refs: [],
  secrets: {},
  doors: (door) => [door.id],
});
