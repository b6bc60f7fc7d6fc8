import { messages } from '../../messages';

export const say = messages({
  notFound: 'Not found · Aldaba',
  nothingHere: 'There is nothing here',
  leadsNowhere: 'This address leads nowhere.',
  noSuchSite: (site: string) => `There is no site “${site}”.`,
  goToDoors: 'Go to the doors',
});
