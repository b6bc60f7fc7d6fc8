import { messages } from '../../../messages';

export const say = messages({
  toLookAt: 'To look at',
  toLookAt2: (count: number) => `To look at${count > 0 ? `: ${count}` : ''}`,
  nothingEveryDoorSomebody: 'Nothing: every door that somebody opens can be reached, and no schedules clash.',
  andMore: (count: number) => `And ${count} more.`,
});
