import { messages } from '../../messages';

export const say = messages({
  lay: (number: string) => `add ${number}`,
  remove: (wire: string) => `remove ${wire}`,
});
