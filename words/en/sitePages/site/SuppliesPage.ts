import { messages } from '../../../messages';

export const say = messages({
  noBattery: 'none',
  noSuppliesYet: 'No supplies yet',
  theyAppearSoonDoor: 'They appear as soon as a door has hardware.',
  workedOutForOfDoors: (done: number, of: number) => `Worked out for ${done} of ${of} doors…`,
  suppliesOfThisSite: 'Supplies of this site',
  supply: 'Supply',
  door: 'Door',
  atRest: 'At rest',
  worstCase: 'Worst case',
  allowed: 'Allowed',
  battery: 'Battery',
  asked: 'Asked',
  verdict: 'Verdict',
  neverComesToRest: '✕ never comes to rest',
  enough: '✓ enough',
  tooLittle: '✕ too little',
});
