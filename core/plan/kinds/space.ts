import { describe } from './kind';

export const SPACES = describe('spaces', {
  list: 'spaces',
  as: 'space',
  word: 'space',
  key: 'id',
  verbs: { add: 'addSpace', set: 'setSpace', remove: 'removeSpace' },
  fixed: ['id'],
  most: 2000,
  refs: [],
  secrets: {},
  doors: () => [],
});
