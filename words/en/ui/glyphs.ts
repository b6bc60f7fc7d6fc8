import { messages } from '../../messages';

export const say = messages({
  deadStateNotChosen: 'dead state not chosen',
  opensWhenDead: 'opens when dead',
  staysLockedWhenDead: 'stays locked when dead',
});
