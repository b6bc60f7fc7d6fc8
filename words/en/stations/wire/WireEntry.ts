import { messages } from '../../../messages';

export const say = messages({
  newWire: 'New wire',
  ps1VK1Com1: 'PS1.+V K1.COM1 RD 1.0 14m',
  completions: 'Completions',
  andMoreTypeOn: (more: number) => `and ${more} more: type on`,
  layIt: 'Add it',
  nowChooseSecondTerminal: 'Now choose the second terminal, or type it.',
});
