import { messages } from '../../messages';

export const say = messages({
  oneMoment: 'One moment…',
  notJudgedWhileDatabase: 'Not judged while the database file is damaged',
  somethingSiteMissingFile:
    'Something of this site is missing in the file: what comes of the rest would prove nothing.',
});
