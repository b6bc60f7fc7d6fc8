import { messages } from '../../../messages';

export const say = messages({
  whatHappens: 'What happens',
  from: (shownWords: string, formatSeconds: string) => `${shownWords} from ${formatSeconds}`,
  min: (seconds: number) => `${seconds} min`,
});
