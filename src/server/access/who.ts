import { database } from '../db/shared';
import { isOpen } from './hosts';
import { sessionKey } from './keys';
import { cookieValue, openSession, SESSION_COOKIE } from './session';

/** Who sends a request: a name that signed in; null where nobody has, though it is asked for; '' where it is not. */
export function whoSends(cookie: string | null | undefined, now: number): string | null {
  if (!isOpen()) return '';
  const value = cookieValue(cookie, SESSION_COOKIE);
  return value === undefined ? null : (openSession(value, sessionKey(database()), now)?.name ?? null);
}
