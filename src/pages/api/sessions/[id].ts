import { endSession, sessionById } from '../../../server/access/sessions';
import { database } from '../../../server/db/shared';
import { endpoint, SIGNED_IN } from '../../../server/endpoint';
import { HttpError, json } from '../../../server/http';

export const prerender = false;

/** Ends somebody's session at once: one's own, or anybody's for whoever may see codes. */
export const DELETE = endpoint(SIGNED_IN, ({ params, locals }) => {
  const session = sessionById(database(), params['id'] ?? '', Date.now());
  if (!session) throw new HttpError(404, 'no-such-session', 'That session is over already.');
  if (!locals.codes && session.name.toLowerCase() !== locals.who.toLowerCase())
    throw new HttpError(
      403,
      'not-yours',
      'Your passphrase ends sessions of your own name only. Sign in with the one that shows codes.',
    );
  endSession(database(), session.id);
  return json({ ended: session.id });
});
