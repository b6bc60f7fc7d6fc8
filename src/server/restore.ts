import { eq } from 'drizzle-orm';
import { backupBeside } from './backup';
import type { Db } from './db/open';
import * as schema from './db/schema';
import { RESTORED_TABLES } from './db/tables';
import { inspect, sitesIn, type InspectOptions, type SiteIn } from './inspect';

export type Restored =
  | {
      readonly ok: true;
      readonly sites: readonly SiteIn[];
      /** What was there and is not in the backup. */
      readonly gone: readonly SiteIn[];
      readonly backup: string;
    }
  | { readonly ok: false; readonly message: string };

/**
 * Puts a backup in the place of what a database holds, in one transaction, so that a server that runs on it sees either the
 * old or the new. The backup is looked at first, and put back only where it is whole; a backup of what was there is written. Every site
 * counts one revision on from whichever was further, so that no open tab takes the old state for the new one. The passphrase stays as it is.
 */
export async function restoreFrom(
  db: Db,
  file: string,
  at: Date,
  options: InspectOptions = {},
): Promise<Restored> {
  // A copy is migrated, never the backup itself.
  const found = inspect(file, options);
  if (!found.ok) return { ok: false, message: `${found.message} Nothing was changed.` };
  try {
    const backup = await backupBeside(db, 'before-restore', at);
    const raw = db.$client;
    const there = sitesIn(db);
    const before = new Map(
      db
        .select({ id: schema.sites.id, revision: schema.sites.revision })
        .from(schema.sites)
        .all()
        .map(({ id, revision }) => [id, revision]),
    );
    raw.prepare('attach database ? as backup').run(found.copy);
    try {
      db.transaction(
        (tx) => {
          // Rows name one another across tables: whether they fit together is looked at when all are there.
          raw.pragma('defer_foreign_keys = ON');
          for (const table of RESTORED_TABLES) raw.exec(`delete from main.${table}`);
          for (const table of RESTORED_TABLES) {
            const columns = (raw.pragma(`table_info(${table})`) as { name: string }[])
              .map(({ name }) => `"${name}"`)
              .join(', ');
            raw.exec(`insert into main.${table} (${columns}) select ${columns} from backup.${table}`);
          }
          for (const { id, revision } of tx.select().from(schema.sites).all()) {
            const next = Math.max(revision, before.get(id) ?? 0) + 1;
            tx.update(schema.sites).set({ revision: next }).where(eq(schema.sites.id, id)).run();
            const body = { kind: 'restored' };
            tx.insert(schema.edits)
              .values({ site: id, revision: next, at: at.toISOString(), author: 'restore', doors: [], body })
              .run();
          }
        },
        { behavior: 'immediate' },
      );
    } finally {
      raw.exec('detach database backup');
    }
    const back = new Set(found.sites.map(({ id }) => id));
    return { ok: true, backup, sites: found.sites, gone: there.filter(({ id }) => !back.has(id)) };
  } finally {
    found.done();
  }
}
