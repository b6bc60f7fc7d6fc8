import { messages } from '../../../messages';

export const say = messages({
  keysToPressAt: (tag: string) => `Keys to press at ${tag}`,
  keysToPress: 'Keys to press',
  strokesTheFewestThereAre: (strokes: number) => `${strokes} strokes, the fewest there are`,
  strokes: (strokes: number) => `${strokes} strokes`,
  everybodyWipedFirstWhoever: 'Everybody is wiped first, and whoever is on the list is keyed in anew.',
  moreThanSBetween: (language: string, timeoutMs: number) =>
    `${language}. More than ${timeoutMs} s between keys and it drops out: the unfinished line is lost.`,
  slotCannotClearedOnly: ' A slot cannot be cleared, only overwritten.',
  allKeyedSinceProgramming: ' All that was keyed since programming began is lost with it.',
  simulatedKeypadHoldsExactly: 'The simulated keypad holds exactly the list. Nothing to key in.',
  hideCodes: 'Hide codes',
  showCodes: 'Show codes',
});
