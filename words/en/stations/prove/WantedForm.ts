import { messages } from '../../../messages';

export const say = messages({
  from: (situationName: string, side: string) => `${situationName}, from ${side}`,
  whatIsWanted: (name: string) => `What is expected: ${name}`,
  sayWhyStandsBeside: 'Say why: it stands beside the verdict.',
  wantSomethingElseSituation: 'change what is expected in a situation',
  whatMustBeSo: 'What should happen?',
  why: 'Why?',
  askingLessWayOut:
    'Asking for less of a way out than the brief calls for is never a pass: it stays not proven.',
  keep: 'Keep',
  wantFollowsBrief: 'expect what follows from the brief',
  asTheBriefLeadsTo: 'As the brief says',
  cancel: 'Cancel',
});
