import { messages } from '../../messages';

export const say = messages({
  deadStateNotChosen: 'Fail-safe or fail-secure not chosen',
  breakGlass: 'break glass',
  sheet: 'Sheet',
  nameTheDoor: 'name the door',
  nameOfTheDoor: 'Name of the door',
  aNameAStrangerUnderstands: 'A name a stranger understands',
  changeTheName: 'Change the name',
  unnamedDoor: 'Unnamed door',
});
