import type { APIRoute } from 'astro';
import { errorJson, HttpError } from '../../server/http';

export const prerender = false;

/** Every other address under /api: an error in the same shape as all others. */
export const ALL: APIRoute = ({ url }) =>
  errorJson(new HttpError(404, 'no-such-address', `There is nothing at ${url.pathname}.`));
