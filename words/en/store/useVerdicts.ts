import { messages } from '../../messages';

export const say = messages({
  partJudgesStoppedUnexpectedly:
    'The part that judges stopped unexpectedly. It starts again with the next change.',
});
