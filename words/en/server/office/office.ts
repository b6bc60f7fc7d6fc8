import { messages } from '../../../messages';

export const say = messages({
  nobodyWaitsAnyMore: 'Nobody waits for it any more.',
  takesLongerThanTwo: 'This takes longer than two minutes and was ended. Nothing was changed.',
});
