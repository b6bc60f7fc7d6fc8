import { messages } from '../../../messages';

export const say = messages({
  from: (situationName: string, side: string) => `${situationName}, from ${side}`,
  whatIsWanted: (name: string) => `What is wanted: ${name}`,
  sayWhyStandsBeside: 'Say why: it stands beside the verdict.',
  wantSomethingElseSituation: 'want something else of a situation',
  whatMustBeSo: 'What must be so?',
  why: 'Why?',
  askingLessWayOut:
    'Asking for less of a way out than the brief leads to is never a pass: it stays not proven.',
  keep: 'Keep',
  wantFollowsBrief: 'want what follows from the brief',
  asTheBriefLeadsTo: 'As the brief leads to',
  cancel: 'Cancel',
});
