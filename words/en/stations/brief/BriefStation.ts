import { messages } from '../../../messages';

export const say = messages({
  answerTheBrief: 'answer the brief',
  questions: 'Questions',
  assumedUntilAnswered: (hint: string, as: string) => `${hint} Assumed until answered: ${as}.`,
  removeThisDoor: 'Remove this door',
});
