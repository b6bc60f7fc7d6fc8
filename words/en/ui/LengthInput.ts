import { messages } from '../../messages';

export const say = messages({
  assumed: ', assumed',
  stands: (why: string, shown: string, unit: string) => `${why} ${shown} ${unit} stands.`,
});
