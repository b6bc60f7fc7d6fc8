import { messages } from '../../../messages';

export const say = messages({
  pass: 'pass',
  shouldReadReadingNever: (isYes: boolean, rangeWords: string) =>
    `Should read: ${isYes ? 'yes' : rangeWords}. A reading is never removed: one that does not count is withdrawn, with the reason.`,
  linkToThisCheck: 'Link to this check',
  withdrawAReading: 'withdraw a reading',
  readingWithdrawn: 'Reading withdrawn.',
  outOfRange: 'out of range',
  noName: 'no name',
  link: 'Link',
  no: (serial: string) => `no. ${serial}`,
  withdrawnOn: (by: string, format: string, reason: string) =>
    `Withdrawn${by ? ` by ${by}` : ''} on ${format}: ${reason}`,
  note: 'Note',
  noteOnAReading: 'note on a reading',
  letAReadingCount: 'let a reading count',
  theReadingCountsAgain: 'The reading counts again.',
  itCountsAfterAll: 'It counts after all',
  withdrawIt: 'Withdraw it…',
  whyDoesItNotCount: 'Why does it not count?',
  withdrawIt2: 'Withdraw it',
});
