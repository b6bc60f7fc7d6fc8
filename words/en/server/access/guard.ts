import { messages } from '../../../messages';

export const say = messages({
  serverDoesNotAnswer: (slice: string) =>
    `This server does not answer for “${slice}”. Set ALDABA_HOSTS to allow it.`,
  isNotAnsweredHere: (slice: string) => `${slice} is not answered here.`,
  thereIsNothingAt: (slice: string) => `There is nothing at ${slice}.`,
  thereIsNothingAt2: (path: string) => `There is nothing at ${path}.`,
  requestComesAnotherPage: 'The request comes from another page. Nothing was changed.',
});
