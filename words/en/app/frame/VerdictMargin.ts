import { messages } from '../../../messages';

export const say = messages({
  why: 'Why',
  showsOnceOtherFinding: 'Shows once the finding that hides it is fixed.',
  settleItAt: (station: string) => `Fix it at ${station}`,
  searchCausesStoppedUnexpectedly:
    'The search for causes stopped unexpectedly. It starts again with the next change.',
  verdicts: 'Verdicts',
  notJudged: 'Not judged',
  toSettle: (count: number, open: number) => `${count === 1 ? '1 cause' : `${count} causes`}, ${open} to fix`,
  toSettle2: (open: number, isLooking: boolean) => `${open} to fix${isLooking ? ', looking…' : ''}`,
  nothingToSettle: 'Nothing to fix',
  doorCouldNotJudged: (failure: string) =>
    `This door could not be judged: ${failure}. Nothing is known about it, least of all that it is sound.`,
  otherDoorsAreNotTouched: ' Other doors are not touched.',
  nothingSayYetBrief: 'Nothing to say yet: brief the door, then choose its hardware.',
});
