import { messages } from '../../messages';

export const say = messages({
  verdictsToSettle: (open: number) => `Verdicts: ${open} to fix`,
  verdicts: 'Verdicts',
  oneMoment: 'One moment…',
  notJudgedWhileDatabase: (door: string) => `${door} is not judged while the database file is damaged`,
  somethingSiteMissingFile:
    'Something of this site is missing in the file: a pass of what is left would prove nothing. Brief, wires and keypads can be read.',
  bench: 'Bench',
});
