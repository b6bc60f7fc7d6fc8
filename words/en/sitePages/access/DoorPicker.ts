import { messages } from '../../../messages';

export const say = messages({
  allDoors: (count: number) => `all ${count} doors`,
  none: 'None',
});
