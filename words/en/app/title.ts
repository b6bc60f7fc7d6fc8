import { messages } from '../../messages';

export const say = messages({
  doors: 'Doors',
});
