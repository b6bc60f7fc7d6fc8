import { messages } from '../../../messages';

export const say = messages({
  slot: (padStart: string) => `slot ${padStart}`,
});
