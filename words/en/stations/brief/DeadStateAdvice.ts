import { messages } from '../../../messages';

export const say = messages({
  deadState: 'Fail-safe or fail-secure',
  chooseHardware: 'Choose hardware',
  stillOpen: (missing: string) => `Still open: ${missing}.`,
  recommended: 'Recommended',
  possible: 'Possible',
  choose: (state: string) => `choose ${state}`,
  chosenStop: 'Chosen: stop',
  stop: 'Stop',
  chosen: 'Chosen',
  reasonKept: (overrideReason: string) => `Reason kept: ${overrideReason}`,
  choose2: (state: string) => `Choose ${state}`,
  chooseItAllTheSame: 'Choose it anyway…',
  mustNotBuiltFit: 'This must not be built. Fit a lever or bar first.',
  whyAgainstTheRecommendation: 'Why against the recommendation?',
  keptDoorStandsPack: 'It is kept with the door and stands in the pack.',
  aFewWordsAtLeast: 'A few words at least.',
  chooseAndKeepTheReason: (state: string) => `Choose ${state} and keep the reason`,
});
