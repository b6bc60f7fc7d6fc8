import { messages } from '../../messages';

export const say = messages({
  lay: (number: string) => `lay ${number}`,
  remove: (wire: string) => `remove ${wire}`,
});
