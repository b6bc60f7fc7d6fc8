import { endpoint } from '../../server/endpoint';
import { health } from '../../server/health';
import { json } from '../../server/http';

export const prerender = false;

/** Whether the server is well: 200, or 503 where the database file is damaged. For whoever watches it; it tells nothing of what is kept. */
export const GET = endpoint({ needs: 'nothing', gives: 'nothing secret' }, () => {
  const { checked, damage } = health();
  return json({ ok: damage === null, checked, damaged: damage !== null }, damage === null ? 200 : 503);
});
