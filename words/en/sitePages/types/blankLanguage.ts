import { messages } from '../../../messages';

export const say = messages({
  newKeypad: 'New keypad',
  code: '{code} #',
  programming: '* {programming} #',
});
