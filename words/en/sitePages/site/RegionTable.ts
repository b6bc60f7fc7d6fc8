import { messages } from '../../../messages';

export const say = messages({
  whatRegionsAsk: 'What local codes ask of a door',
  asUsuallyAdopted:
    'As the codes are usually adopted: proofs and findings of every door go by the column of this site. The code in force at the site decides: ask whoever enforces it.',
  question: 'Question',
  thisSite: 'this site',
  standards: 'Standards to look up',
  standardsAre: (list: string) => `${list}. Check which edition is in force.`,
});
