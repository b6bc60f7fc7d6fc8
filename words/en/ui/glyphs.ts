import { messages } from '../../messages';

export const say = messages({
  deadStateNotChosen: 'fail-safe or fail-secure not chosen',
  opensWhenDead: 'unlocks without power',
  staysLockedWhenDead: 'stays locked without power',
});
