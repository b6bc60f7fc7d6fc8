import { messages } from '../../messages';

export const say = messages({
  oneMoment: 'One moment…',
});
