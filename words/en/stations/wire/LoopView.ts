import { messages } from '../../../messages';

export const say = messages({
  to: (wire: string, colours: string, name: string, name2: string, formatAmps: string) =>
    `${wire}, ${colours}, ${name} to ${name2}, ${formatAmps}`,
  openDoesNotClose: 'open: does not close',
  loop: (letter: string, title: string, wordsOf: string) => `Loop ${letter}, ${title}: ${wordsOf}`,
});
