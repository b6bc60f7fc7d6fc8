import { messages } from '../../../messages';

export const say = messages({
  databaseFileDamagedNothing:
    'The database file is damaged: nothing can be saved until a backup is put back.',
  notWhole: (slice: string, count: number) =>
    `${slice}${count > 4 ? ' and others are' : count > 1 ? ' are' : ' is'} not whole.`,
  everyDoorSiteWhole: 'Every door of this site is complete.',
  doorsMayNotBeWhole: 'Doors may be incomplete.',
  whatToDo: 'What to do',
});
