import { createHmac, randomBytes } from 'node:crypto';
import { eq } from 'drizzle-orm';
import type { Db } from '../db/open';
import { serverSettings } from '../db/schema';
import { hashPassphrase } from './passphrase';
import { endAllSessions } from './sessions';

type Name = 'passphrase' | 'codes-passphrase' | 'keep-key';

const read = (db: Db, name: Name): string | null =>
  db.select().from(serverSettings).where(eq(serverSettings.name, name)).get()?.value ?? null;

const write = (db: Db, name: Name, value: string): void => {
  db.insert(serverSettings)
    .values({ name, value })
    .onConflictDoUpdate({ target: serverSettings.name, set: { value } })
    .run();
};

/** The hash of the passphrase; null where none was ever set. */
export const keptPassphrase = (db: Db): string | null => read(db, 'passphrase');

/** Sets the passphrase. Whoever is signed in is signed out by it. */
export async function setPassphrase(db: Db, text: string): Promise<void> {
  const hash = await hashPassphrase(text);
  db.transaction(() => {
    write(db, 'passphrase', hash);
    endAllSessions(db);
  });
}

/** The hash of the passphrase that shows codes too; null where everybody who signs in may see them. */
export const keptCodesPassphrase = (db: Db): string | null => read(db, 'codes-passphrase');

/** Sets the passphrase that shows codes too, or with null lets everybody see them who signs in. Whoever is signed in is signed out by it. */
export async function setCodesPassphrase(db: Db, text: string | null): Promise<void> {
  const hash = text === null ? null : await hashPassphrase(text);
  db.transaction(() => {
    if (hash === null)
      db.delete(serverSettings)
        .where(eq(serverSettings.name, 'codes-passphrase' satisfies Name))
        .run();
    else write(db, 'codes-passphrase', hash);
    endAllSessions(db);
  });
}

/**
 * The key that browsers seal with what they have not sent yet of a site's codes, 32 bytes as base64: given to whoever may see codes, and kept by
 * no browser. What is left in one can be read by nobody who cannot sign in.
 */
export function keepKey(db: Db, site: string): string {
  let kept = read(db, 'keep-key');
  if (kept === null) write(db, 'keep-key', (kept = randomBytes(32).toString('base64')));
  return createHmac('sha256', kept).update(site).digest('base64');
}
