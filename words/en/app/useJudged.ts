import { messages } from '../../messages';

export const say = messages({
  databaseFileDamagedSomething: 'the database file is damaged, and something is missing',
});
