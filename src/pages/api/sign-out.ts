import { sessionCookie } from '../../server/access/session';
import { endSession } from '../../server/access/sessions';
import { database } from '../../server/db/shared';
import { endpoint } from '../../server/endpoint';

export const prerender = false;

/** Ends the session, in this browser and at the server. */
export const POST = endpoint({ needs: 'nothing', gives: 'nothing secret' }, ({ url, locals }) => {
  if (locals.session !== '') endSession(database(), locals.session);
  return new Response(null, {
    status: 303,
    headers: { location: '/sign-in', 'set-cookie': sessionCookie('', url.protocol === 'https:') },
  });
});
