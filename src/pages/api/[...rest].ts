import { errorJson, HttpError } from '../../server/http';
import { endpoint } from '../../server/endpoint';

export const prerender = false;

/** Every other address under /api: an error in the same shape as all others. */
export const ALL = endpoint({ needs: 'nothing', gives: 'nothing secret' }, ({ url }) =>
  errorJson(new HttpError(404, 'no-such-address', `There is nothing at ${url.pathname}.`)),
);
