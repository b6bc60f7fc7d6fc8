import type { APIRoute } from 'astro';
import { sessionCookie } from '../../server/access/session';

export const prerender = false;

/** Ends the session in this browser. */
export const POST: APIRoute = ({ url }) =>
  new Response(null, {
    status: 303,
    headers: { location: '/sign-in', 'set-cookie': sessionCookie('', url.protocol === 'https:') },
  });
