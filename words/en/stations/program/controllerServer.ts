import { messages } from '../../../messages';

export const say = messages({
  itAnswers: (status: number) => `It answers ${status}.`,
  nobodyReachedServerSite: 'Nobody is reached: the server of this site does not answer.',
});
