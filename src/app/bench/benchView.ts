import { lazily } from '../../parts/lazily';
import { whenStanding } from '../../parts/standing';

/** The bench, fetched once the page stands: the server draws it whole, and what it is made of comes behind the sheet. */
export const Bench = lazily(async () => {
  await whenStanding();
  return (await import('./Bench')).Bench;
});
