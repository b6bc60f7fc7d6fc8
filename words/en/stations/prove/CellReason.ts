import { messages } from '../../../messages';

export const say = messages({
  at: (name: string, tag: string) => `${name} at ${tag}`,
  from: (side: string, verdictWords: string) => `, from ${side}: ${verdictWords}`,
  thenByItself: (laterWords: string) => `Then, by itself: ${laterWords}`,
  current: (pathWords: string) => `Current: ${pathWords}`,
  openedBy: (pathWords: string) => `Opened by: ${pathWords}`,
  makeSoBench: 'Show on the bench',
  hideTheLoop: 'Hide the loop',
  drawLoopBeforeAfter: 'Draw the loop before and after',
  wantSomethingElse: 'Expect something else…',
  linkToThisSituation: 'Link to this situation',
  atEachDevice: 'At each device',
  allAtOnce: 'All at once',
  onTheBench: 'On the bench',
  wantedFollowsBrief: (wanted: string) => `Expected: ${wanted}, as follows from the brief.`,
  by: (by: string) => `, by ${by}`,
  wantedOtherwiseThanFollows: (wanted: string, by: string, reason: string) =>
    `Expected: ${wanted}, other than the brief says${by}: “${reason}”`,
});
