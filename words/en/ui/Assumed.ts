import { messages } from '../../messages';

export const say = messages({
  nobodyEnteredEnterPress: 'Nobody has entered it. Enter it, or press Enter to keep it as it is.',
  assumed: 'assumed',
});
