import { describe } from './kind';

export const LANGUAGES = describe('languages', {
  list: 'languages',
  as: 'language',
  word: 'keypad language',
  key: 'id',
  verbs: { add: 'addLanguage', set: 'setLanguage', remove: 'removeLanguage' },
  fixed: ['id'],
  most: 200,
  refs: [],
  secrets: {},
  // Whatever is programmed in it may be anywhere.
  doors: () => [],
  everywhere: () => true,
});
