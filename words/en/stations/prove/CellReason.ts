import { messages } from '../../../messages';

export const say = messages({
  at: (name: string, tag: string) => `${name} at ${tag}`,
  from: (side: string, verdictWords: string) => `, from ${side}: ${verdictWords}`,
  thenByItself: (laterWords: string) => `Then, by itself: ${laterWords}`,
  current: (pathWords: string) => `Current: ${pathWords}`,
  openedBy: (pathWords: string) => `Opened by: ${pathWords}`,
  makeSoBench: 'Make it so on the bench',
  hideTheLoop: 'Hide the loop',
  drawLoopBeforeAfter: 'Draw the loop before and after',
  wantSomethingElse: 'Want something else…',
  linkToThisSituation: 'Link to this situation',
  atEachDevice: 'At each device',
  allAtOnce: 'All at once',
  onTheBench: 'On the bench',
  wantedFollowsBrief: (wanted: string) => `Wanted: ${wanted}, as follows from the brief.`,
  by: (by: string) => `, by ${by}`,
  wantedOtherwiseThanFollows: (wanted: string, by: string, reason: string) =>
    `Wanted: ${wanted}, otherwise than follows from the brief${by}: “${reason}”`,
});
