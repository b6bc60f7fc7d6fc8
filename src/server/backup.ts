import { chmodSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { mark } from './db/fileMark';
import type { Db } from './db/open';
import { DatabaseError } from './db/openError';
import { dataPath } from './db/shared';

/**
 * Writes the whole database as one file, while others read and write it. Only the owner may read the copy. It is opened and checked before it
 * is called a backup, and says of itself that it is one: whatever has the name is whole, also where the writer was killed. Throws a
 * `DatabaseError` where what was written cannot be read: it is taken away then.
 */
export async function backupTo(db: Db, file: string): Promise<void> {
  mkdirSync(dirname(file), { recursive: true });
  const part = `${file}.part`;
  removePart(part);
  await db.$client.backup(part);
  chmodSync(part, 0o600);
  const copy = new Database(part);
  let whole: unknown;
  try {
    whole = copy.pragma('integrity_check(1)', { simple: true });
    // One file and nothing beside it.
    copy.pragma('journal_mode = DELETE');
    mark(copy, 'backup');
  } finally {
    copy.close();
  }
  if (whole === 'ok') return renameSync(part, file);
  removePart(part);
  throw new DatabaseError(
    `The backup ${file} could not be read back (${String(whole)}), and was taken away. The database itself may be damaged: look at it with “aldaba check”.`,
  );
}

/** What a writer that was killed may have left, and what SQLite lays beside a file. */
function removePart(part: string): void {
  for (const end of ['', '-journal', '-wal', '-shm']) rmSync(`${part}${end}`, { force: true });
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
