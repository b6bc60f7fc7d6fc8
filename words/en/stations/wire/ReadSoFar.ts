import { messages } from '../../../messages';

export const say = messages({
  assumed: (shown: string) => `~${shown} assumed`,
  to: (terminalLabel: string) => `to ${terminalLabel}`,
});
