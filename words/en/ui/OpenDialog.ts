import { messages } from '../../messages';

export const say = messages({
  close: 'Close',
});
