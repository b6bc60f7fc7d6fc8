import { desc, eq, lte } from 'drizzle-orm';
import type { Db } from '../db/open';
import { sessions } from '../db/schema';
import { idOf, newToken, SESSION_SECONDS } from './session';

/** Somebody signed in, in one browser. Times in ms since 1970. */
export interface Session {
  /** The hash of the token that the browser keeps. */
  readonly id: string;
  readonly name: string;
  /** Whether they signed in with the passphrase that shows codes. */
  readonly codes: boolean;
  readonly device: 'phone or tablet' | 'computer';
  readonly address: string;
  readonly since: number;
  readonly lastSeen: number;
  readonly until: number;
}

/** How often it is noted that somebody is still there, ms. */
const NOTED_EVERY_MS = 5 * 60_000;

/** What a browser says of itself, as far as it tells whose it is. */
export const deviceOf = (userAgent: string | null): Session['device'] =>
  /mobi|tablet|android/i.test(userAgent ?? '') ? 'phone or tablet' : 'computer';

/** Signs somebody in: the token for their browser. Sessions that are over go on this occasion. */
export function beginSession(
  db: Db,
  who: Pick<Session, 'name' | 'codes' | 'device' | 'address'>,
  now: number,
): string {
  const token = newToken();
  db.transaction(() => {
    db.delete(sessions).where(lte(sessions.until, now)).run();
    db.insert(sessions)
      .values({ ...who, id: idOf(token), since: now, lastSeen: now, until: now + SESSION_SECONDS * 1000 })
      .run();
  });
  return token;
}

/** A session that goes on, by its id; null where it is over, was ended or never began. */
export function sessionById(db: Db, id: string, now: number): Session | null {
  const found = db.select().from(sessions).where(eq(sessions.id, id)).get();
  return found && found.until > now ? found : null;
}

/** The session of a browser's token; null where it is over, was ended or never began. That it is in use is noted now and then. */
export function sessionOf(db: Db, token: string | undefined, now: number): Session | null {
  const found = token ? sessionById(db, idOf(token), now) : null;
  if (found && now - found.lastSeen > NOTED_EVERY_MS) {
    try {
      db.update(sessions).set({ lastSeen: now }).where(eq(sessions.id, found.id)).run();
    } catch {
      // A disk that is full keeps nobody out.
    }
  }
  return found;
}

/** Everybody who is signed in, whoever was seen last first. */
export const listSessions = (db: Db, now: number): readonly Session[] =>
  db
    .select()
    .from(sessions)
    .orderBy(desc(sessions.lastSeen))
    .all()
    .filter(({ until }) => until > now);

type Listener = () => void;
const listeners = new Map<string, Set<Listener>>();

/** Hears when a session is ended by this process; the answer stops listening. */
export function onSessionEnd(id: string, listener: Listener): () => void {
  const all = listeners.get(id) ?? new Set();
  listeners.set(id, all.add(listener));
  return () => {
    all.delete(listener);
    if (all.size === 0) listeners.delete(id);
  };
}

/** Ends a session: its token opens nothing any more, and its open lines are closed. False where there was none. */
export function endSession(db: Db, id: string): boolean {
  const { changes } = db.delete(sessions).where(eq(sessions.id, id)).run();
  for (const listener of [...(listeners.get(id) ?? [])]) listener();
  return changes > 0;
}

/** Ends every session, as another passphrase does. */
export function endAllSessions(db: Db): void {
  db.delete(sessions).run();
  for (const all of [...listeners.values()]) for (const listener of [...all]) listener();
}
