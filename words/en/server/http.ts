import { messages } from '../../messages';

export const say = messages({
  requestLargerThanKb: (round: number) => `The request is larger than ${round} kB. Nothing was changed.`,
  databaseBusyFullNothing: 'The database is busy or full. Nothing was changed; try again.',
  somethingWentWrongHere: 'Something went wrong here. What was saved before is kept.',
  databaseFileDamagedCannot:
    'The database file is damaged: this cannot be read, and nothing was changed. Put the last good backup back (aldaba restore FILE); aldaba check FILE says which one is whole.',
});
