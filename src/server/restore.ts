import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { eq } from 'drizzle-orm';
import { backupBeside } from './backup';
import { openDatabase, type Db } from './db/open';
import { DatabaseError } from './db/openError';
import * as schema from './db/schema';

export type Restored =
  | { readonly ok: true; readonly sites: readonly string[]; readonly backup: string }
  | { readonly ok: false; readonly message: string };

/** Every table that a backup holds, parents before children. */
const TABLES = [
  'sites',
  'device_types',
  'doors',
  'devices',
  'conductors',
  'cables',
  'people',
  'keypad_memories',
  'readings',
  'edits',
  'edit_backs',
] as const;

/**
 * Puts a backup in the place of what a database holds, in one transaction, so that a server that runs on it sees either the
 * old or the new. A backup of what was there is written first. Every site counts one revision on from whichever was further,
 * so that no open tab takes the old state for the new one. The passphrase stays as it is.
 */
export async function restoreFrom(db: Db, file: string, at: Date): Promise<Restored> {
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-restore-'));
  try {
    // A copy is migrated, never the backup itself.
    const copy = join(folder, 'copy.db');
    copyFileSync(file, copy);
    try {
      openDatabase(copy).$client.close();
    } catch (error) {
      if (error instanceof DatabaseError)
        return { ok: false, message: `${file} cannot be restored. ${error.message} Nothing was changed.` };
      throw error;
    }
    const backup = await backupBeside(db, 'before-restore', at);
    const raw = db.$client;
    const before = new Map(
      db
        .select({ id: schema.sites.id, revision: schema.sites.revision })
        .from(schema.sites)
        .all()
        .map(({ id, revision }) => [id, revision]),
    );
    raw.prepare('attach database ? as backup').run(copy);
    try {
      db.transaction(
        (tx) => {
          raw.pragma('defer_foreign_keys = ON');
          for (const table of [...TABLES].reverse()) raw.exec(`delete from main.${table}`);
          for (const table of TABLES) {
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
    const sites = db.select({ name: schema.sites.name }).from(schema.sites).all();
    return { ok: true, backup, sites: sites.map(({ name }) => name) };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
