import { lazily } from '../lazily';

/** The bench, fetched once the page stands: the server draws it whole, and what it is made of comes behind the sheet. */
export const Bench = lazily(() => import('./Bench').then((it) => it.Bench));
