import { messages } from '../../../messages';

export const say = messages({
  keysToPressAt: (tag: string) => `Keys to press at ${tag}`,
  keysToPress: 'Keys to press',
  strokesTheFewestThereAre: (strokes: number) => `${strokes} keystrokes, the fewest there are`,
  strokes: (strokes: number) => `${strokes} keystrokes`,
  everybodyWipedFirstWhoever: 'All users are erased first, and everybody on the list is keyed in again.',
  moreThanSBetween: (language: string, timeoutMs: number) =>
    `${language}. More than ${timeoutMs} s between keys and it drops out: the unfinished line is lost.`,
  slotCannotClearedOnly: ' A slot cannot be cleared, only overwritten.',
  allKeyedSinceProgramming: ' All that was keyed since programming began is lost with it.',
  simulatedKeypadHoldsExactly: 'The simulated keypad holds exactly the list. Nothing to key in.',
  hideCodes: 'Hide codes',
  showCodes: 'Show codes',
});
