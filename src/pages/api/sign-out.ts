import { sessionCookie } from '../../server/access/session';
import { endpoint } from '../../server/endpoint';

export const prerender = false;

/** Ends the session in this browser. */
export const POST = endpoint(
  { needs: 'nothing', gives: 'nothing secret' },
  ({ url }) =>
    new Response(null, {
      status: 303,
      headers: { location: '/sign-in', 'set-cookie': sessionCookie('', url.protocol === 'https:') },
    }),
);
