import { messages } from '../../../messages';

export const say = messages({
  toTheSheet: 'To the sheet',
  toTheVerdicts: 'To the verdicts',
  toTheBench: 'To the bench',
  toTheDoors: 'To the doors',
});
