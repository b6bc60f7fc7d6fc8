import { messages } from '../../../messages';

export const say = messages({
  open: 'open',
  terminal: (terminalName: string) => `Terminal ${terminalName}`,
});
