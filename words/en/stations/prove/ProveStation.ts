import { messages } from '../../../messages';

export const say = messages({
  changed: 'changed:',
  situations: 'Situations',
  faults: 'Faults',
  orders: 'Orders',
  nothingToProveYet: 'Nothing to prove yet',
  chooseHardwareWireDoor: 'Choose hardware and wire the door first.',
  waysToProve: 'Ways to prove',
  pass: 'pass ·',
  fail: 'fail ·',
  notProven: 'not proven',
  allAtOnce: 'all at once',
  more: (more: number) => `${more} more`,
  doorDoesEverySituation: 'What the door does in every situation',
  situation: 'Situation',
  fromOutside: 'From outside',
  fromInside: 'From inside',
  lock: 'Lock',
});
