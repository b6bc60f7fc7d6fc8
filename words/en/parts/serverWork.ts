import { messages } from '../../messages';

export const say = messages({
  waitingBeforeIt: (ahead: number) => `Waiting: ${ahead} before it`,
  stop: 'Stop',
});
