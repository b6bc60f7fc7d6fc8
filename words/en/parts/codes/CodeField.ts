import { messages } from '../../../messages';

export const say = messages({
  code: 'Code',
  noCodeFitsAll: 'No code fits all of these keypads: give one of their doors another way in.',
  asIt: (count: number, slice: string) =>
    `As ${count === 1 ? 'one keypad takes' : `${count} keypads take`} it: ${slice}${count > 4 ? ' and others' : ''}.`,
  drawACode: 'Draw a code',
  codeOfShown: (person: string) => `code of ${person} shown`,
  showTheCode: 'Show the code',
});
