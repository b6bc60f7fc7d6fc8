import { messages } from '../../../messages';

export const say = messages({
  redo: 'Redo',
  undo: 'Undo',
  sinceThenSomebodyElse: 'Since then somebody else has changed this. It would be replaced:',
  leaveIt: 'Leave it',
  allTheSame: (verb: string) => `${verb} anyway`,
});
