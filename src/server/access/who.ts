import { database } from '../db/shared';
import { isOpen } from './hosts';
import { keptCodesPassphrase, sessionKey } from './keys';
import { cookieValue, openSession, SESSION_COOKIE } from './session';

/** Who sends a request, and whether codes, card numbers and what keypads hold are for them to see. */
export interface Who {
  /** Empty on a server that only this machine reaches: it asks nobody who they are. */
  readonly name: string;
  readonly codes: boolean;
}

/** Who sends a request: somebody who signed in; null where nobody has, though it is asked for. */
export function whoSends(cookie: string | null | undefined, now: number): Who | null {
  if (!isOpen()) return { name: '', codes: true };
  const value = cookieValue(cookie, SESSION_COOKIE);
  const session = value === undefined ? null : openSession(value, sessionKey(database()), now);
  if (!session) return null;
  return { name: session.name, codes: session.codes === true || keptCodesPassphrase(database()) === null };
}
