import { messages } from '../../../messages';

export const say = messages({
  loops: 'Loops',
  diagram: 'Diagram',
  terminals: 'Terminals',
  cables: 'Cables',
  wireList: 'Wire list',
  hardware: 'Hardware',
  settings: 'Settings',
  oneMoment: 'One moment…',
  wireIt: 'Wire it',
  whatNobodyHasEntered: 'What nobody has entered',
  assumed: (assumed: number) => `${assumed} assumed…`,
  eachLoopWordsStep: 'Each loop in words, step by step',
  inWords: 'In words',
  views: 'Views',
  noWiresYet: 'No wires yet',
  aldabaLaysEveryLoop:
    'Aldaba wires every loop this hardware needs, in wiring order. What you wire by hand stays as it is.',
});
