import { messages } from '../../messages';

export const say = messages({
  yes: 'Yes',
  no: 'No',
});
