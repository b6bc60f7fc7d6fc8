import { messages } from '../../messages';

export const say = messages({
  anEarlierChange: 'an earlier change',
});
