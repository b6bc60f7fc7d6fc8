import { messages } from '../../messages';

export const say = messages({
  addADoor: 'add a door',
  couldNotBeJudged: 'could not be judged',
  beingJudged: 'being judged',
  notBegun: 'not begun',
  toSettle: (toSettle: number) => `${toSettle} to fix`,
  cautionsOnly: 'cautions only',
  nothingToSettle: 'nothing to fix',
});
