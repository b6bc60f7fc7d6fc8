import { messages } from '../../../messages';

export const say = messages({
  pass: 'pass',
  enterAReading: 'enter a reading',
  nothingToTestYet: 'Nothing to test yet',
  wireDoorFirstCheck: 'Wire the door first: its check sheet follows from the plan.',
  testedBy: 'Tested by',
  yourName: 'Your name',
  readingKeptWhoTook: 'A reading is kept with who took it: enter your name, then the reading.',
  meter: (meter: string) => `Meter: ${meter}`,
  meter2: 'Meter…',
  ofPass: (count: number) => `of ${count} pass`,
  outOfRange: (count: number) => `, ${count} out of range`,
  planChangedSince: 'plan changed since',
  outOfRange2: 'out of range',
  readingsOf: (taskWords: string) => `Readings of: ${taskWords}`,
  noName: 'no name',
  withdrawnNoReadingThatCounts: 'withdrawn: no reading that counts',
  noReading: 'no reading',
});
