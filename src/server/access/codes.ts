import { HttpError } from '../http';

/** What is answered with codes, card numbers or what keypads and controllers hold: by path, and by what it asks for. */
const HOLDS_CODES = [/^\/api\/sites\/[^/]+\/controllers\//, /^\/api\/sites\/[^/]+\/edits\/\d+$/];

/** True where a request asks for codes: whoever may not see them gets none of it. */
export const asksForCodes = ({ pathname, searchParams }: Pick<URL, 'pathname' | 'searchParams'>): boolean =>
  searchParams.has('secrets') || HOLDS_CODES.some((path) => path.test(pathname));

/** What somebody is told whose passphrase does not show codes. */
export const noCodes = (): HttpError =>
  new HttpError(
    403,
    'no-codes',
    'Your passphrase does not show codes, cards and what keypads hold, and changes none of them. Sign in with the one that does.',
  );
