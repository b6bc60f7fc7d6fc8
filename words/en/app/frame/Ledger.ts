import { messages } from '../../../messages';

export const say = messages({
  unnamedDoor: 'Unnamed door',
  doors: 'Doors',
  addADoor: 'Add a door',
  allDoors: 'All doors',
  pagesOfTheSite: 'Pages of the site',
  opensWhenDead: 'unlocks without power',
  staysLockedWhenDead: 'stays locked without power',
});
