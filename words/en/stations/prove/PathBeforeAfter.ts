import { messages } from '../../../messages';

export const say = messages({
  atRest: 'At rest',
  loop: (letter: string, title: string) => `Loop ${letter}, ${title}`,
  noLoopLockWired: 'No loop with a lock is wired yet.',
});
