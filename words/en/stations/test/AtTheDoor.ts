import { messages } from '../../../messages';

export const say = messages({
  pass: 'Pass',
  outOfRange: 'Out of range',
  thePlanChangedSince: 'The plan changed since',
  noReadingYet: 'No reading yet',
  of: (phases: string, index: number, count: number) => `${phases} · ${index} of ${count}`,
  isItSo: 'Is that right?',
  noteOrWithdrawIt: 'Note, or withdraw it',
  back: 'Back',
  next: 'Next',
});
