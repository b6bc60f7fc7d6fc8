import { messages } from '../../../messages';

export const say = messages({
  all: 'All',
  allDoors: (count: number) => `all ${count} doors`,
  none: 'None',
});
