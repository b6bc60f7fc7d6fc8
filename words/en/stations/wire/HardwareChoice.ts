import { messages } from '../../../messages';

export const say = messages({
  chooseHardware: 'choose hardware',
  chooseHardwareToStartFrom: 'Choose hardware to start from',
  everythingCanAddedChanged: (known: boolean, state: string, sentence: string) =>
    `${known ? `${state}: ${sentence}.` : 'The brief is not answered yet: what suits this door is not known.'} Everything can be added to, changed and removed afterwards.`,
  notWhatIsRecommendedHere: ' · not what is recommended here',
  alreadyWired: 'Already wired?',
  enterItAsFound: 'Enter it as found',
});
