import { messages } from '../../../messages';

export const say = messages({
  serverDoesNotAnswer: 'The server does not answer. Nothing was changed.',
  logCannotReadNow: 'The log cannot be read now: the server does not answer.',
  readingTheLog: 'Reading the log…',
  noChangesYet: 'No changes yet',
  everyChangeKeptHere: 'Every change is kept here, with its time and its author.',
  changesSiteNewestFirst: 'Changes of this site, newest first',
  when: 'When',
  who: 'Who',
  door: 'Door',
  what: 'What',
  revision: 'Revision',
  whatCanBeDone: 'What can be done',
  compareRevisionWithNow: (revision: number) => `Compare revision ${revision} with now`,
  compare: 'Compare',
  takeBackRevision: (editWords: string, revision: number) => `Undo ${editWords}, revision ${revision}`,
  takeBack: 'Undo',
});
