import { messages } from '../../../messages';

export const say = messages({
  now: (revision: number) => `${revision}, now`,
  compareTwoRevisions: 'Compare two revisions',
  notChangedChangedBack:
    'What is not as it was. What was changed and changed back is no difference; codes are never shown.',
  asItWasAt: 'As it was at',
  against: 'Against',
  comparing: 'Comparing…',
  theServerDoesNotAnswer: 'The server does not answer.',
  noDifference: 'No difference',
  betweenTheseTwoNothing: 'Between these two nothing has changed.',
  differences: 'Differences',
  site: 'Site',
});
