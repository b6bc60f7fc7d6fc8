import { messages } from '../../messages';

export const say = messages({
  undo: 'Undo',
});
