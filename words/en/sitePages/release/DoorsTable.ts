import { messages } from '../../../messages';

export const say = messages({
  latching: 'latching',
  theSiteAsAWhole: 'The site as a whole',
  howEachDoorIsReleased: 'How each door is released',
  door: 'Door',
  whenDead: 'Without power',
  outBy: 'Out by',
  breakGlass: 'Break glass',
  fireRelay: 'Fire relay',
  toSettle: 'To fix',
  notLatched: 'not latched',
  leverOrBar: 'lever or bar',
  unnamedDoor: 'Unnamed door',
  notChosen: 'not chosen',
  bothLegs: 'both legs',
  oneLeg: 'one leg',
});
