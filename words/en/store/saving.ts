import { messages } from '../../messages';

export const say = messages({
  itWasRefusedBefore: 'It was refused before.',
});
