import { messages } from '../../../messages';

export const say = messages({
  proposal: 'Proposal',
  close: 'Close',
  asItLies: 'As it lies',
  asItWouldLie: 'As it would lie',
  noLoopYet: 'No loop yet.',
  loop: (title: string, letter: string, loopName: string) => `${title}: loop ${letter}, ${loopName}`,
});
