import type { APIRoute } from 'astro';
import { database } from '../../../../server/db/open';
import { handle, json } from '../../../../server/http';
import { siteOr404 } from '../../../../server/siteOr404';

export const prerender = false;

/** A site as it stands, with its revision. Codes are in it: the Program station needs them. */
export const GET: APIRoute = ({ params }) => handle(() => json(siteOr404(database(), params.site)));
