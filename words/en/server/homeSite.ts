import { messages } from '../../messages';

export const say = messages({
  newSite: 'New site',
});
