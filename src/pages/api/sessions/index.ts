import { listSessions } from '../../../server/access/sessions';
import { database } from '../../../server/db/shared';
import { endpoint, SIGNED_IN } from '../../../server/endpoint';
import { json } from '../../../server/http';

export const prerender = false;

/** Who is signed in, whoever was seen last first, and whose session the asker may end. Times as ISO 8601. */
export const GET = endpoint(SIGNED_IN, ({ locals }) => {
  const iso = (ms: number) => new Date(ms).toISOString();
  const mine = (name: string) => name.toLowerCase() === locals.who.toLowerCase();
  return json({
    sessions: listSessions(database(), Date.now()).map(({ id, name, device, address, since, lastSeen }) => ({
      id,
      name,
      device,
      address,
      since: iso(since),
      lastSeen: iso(lastSeen),
      current: id === locals.session,
      mayEnd: locals.codes || mine(name),
    })),
  });
});
