import { database } from '../db/shared';
import { isOpen } from './hosts';
import { keptCodesPassphrase } from './keys';
import { cookieValue, SESSION_COOKIE } from './session';
import { sessionOf } from './sessions';

/** Who sends a request, and whether codes, card numbers and what keypads hold are for them to see. */
export interface Who {
  /** Empty on a server that only this machine reaches: it asks nobody who they are. */
  readonly name: string;
  readonly codes: boolean;
  /** Their session; empty where nobody signs in. */
  readonly session: string;
}

/** Who sends a request: somebody who signed in; null where nobody has, though it is asked for. */
export function whoSends(cookie: string | null | undefined, now: number): Who | null {
  if (!isOpen()) return { name: '', codes: true, session: '' };
  const session = sessionOf(database(), cookieValue(cookie, SESSION_COOKIE), now);
  if (!session) return null;
  const { id, name, codes } = session;
  return { name, codes: codes || keptCodesPassphrase(database()) === null, session: id };
}
