import { readdirSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { and, eq, lt, max } from 'drizzle-orm';
import type { Db } from './db/open';
import { editBacks, edits, sites, withdrawnEdits } from './db/schema';

/**
 * What is not kept for ever. A change is taken back from the log while it is among the newest of its site, or not older than so many days; the
 * log itself stays. Of backups that were written before something was removed, restored or migrated the newest stay, and all of so many days.
 */
export const KEPT = { backs: 1000, backDays: 90, withdrawnDays: 30, backups: 10, backupDays: 90 } as const;

const DAY_MS = 86_400_000;
const daysBefore = (now: Date, days: number): string => new Date(now.getTime() - days * DAY_MS).toISOString();

/** How many rows were taken away. */
export interface Pruned {
  readonly backs: number;
  readonly withdrawn: number;
}

/** Takes out of the database what is not kept any more. */
export const pruneDatabase = (db: Db, now: Date): Pruned =>
  db.transaction(
    (tx) => {
      let backs = 0;
      for (const { id, revision } of tx
        .select({ id: sites.id, revision: sites.revision })
        .from(sites)
        .all()) {
        const old = tx
          .select({ last: max(edits.revision) })
          .from(edits)
          .where(and(eq(edits.site, id), lt(edits.at, daysBefore(now, KEPT.backDays))))
          .get();
        const below = Math.min((old?.last ?? 0) + 1, revision - KEPT.backs + 1);
        backs += tx
          .delete(editBacks)
          .where(and(eq(editBacks.site, id), lt(editBacks.revision, below)))
          .run().changes;
      }
      const withdrawn = tx
        .delete(withdrawnEdits)
        .where(lt(withdrawnEdits.at, daysBefore(now, KEPT.withdrawnDays)))
        .run().changes;
      return { backs, withdrawn };
    },
    { behavior: 'immediate' },
  );

/** Takes away backups of one occasion that are not kept any more, by when they were written; the daily ones have a rule of their own. */
export function pruneBackups(data: string, now: Date): string[] {
  const folder = join(dirname(data), 'backups');
  const stem = `${basename(data, '.db')}-before-`;
  let names: string[];
  try {
    names = readdirSync(folder).filter((name) => name.startsWith(stem) && name.endsWith('.db'));
  } catch {
    return [];
  }
  const gone = names
    .map((name) => ({ file: join(folder, name), at: statSync(join(folder, name)).mtimeMs }))
    .sort((a, b) => b.at - a.at)
    .slice(KEPT.backups)
    .filter(({ at }) => at < now.getTime() - KEPT.backupDays * DAY_MS);
  for (const { file } of gone) rmSync(file, { force: true });
  return gone.map(({ file }) => file);
}
