import { chmodSync, mkdirSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import type { Db } from './db/open';
import { dataPath } from './db/shared';

/** Writes the whole database as one file, while others read and write it. Only the owner may read the copy. */
export async function backupTo(db: Db, file: string): Promise<void> {
  mkdirSync(dirname(file), { recursive: true });
  await db.$client.backup(file);
  chmodSync(file, 0o600);
}

/** Writes a backup beside the database, named after what is about to happen. Returns its path. */
export async function backupBeside(db: Db, reason: string, at: Date): Promise<string> {
  const data = dataPath();
  const stamp = at.toISOString().replaceAll(/[:.]/g, '-');
  const name = `${basename(data, '.db')}-${reason.replaceAll(/[^\w-]+/g, '_')}-${stamp}.db`;
  const file = join(dirname(data), 'backups', name);
  await backupTo(db, file);
  return file;
}
