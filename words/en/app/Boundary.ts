import { messages } from '../../messages';

export const say = messages({
  thisDoor: 'This door',
  cannotBeShown: (what: string) => `${what} cannot be shown`,
  nothingKnownAboutLeast: (failed: string) =>
    `${failed}. Nothing is known about it, least of all that it is sound. What was saved is kept, and other doors are not touched.`,
});
