import { resolve } from 'node:path';
import { openDatabase, type Db } from './open';

/**
 * The server's own database, one a process. Held under a symbol of the process: the start script and the built server are
 * bundled apart and still share it.
 */
const KEY = Symbol.for('aldaba.database');
type Holder = { [KEY]?: Db };
const holder = globalThis as unknown as Holder;

export const dataPath = (): string => resolve(process.env['ALDABA_DATA'] ?? 'data/aldaba.db');

/** The open database, at ALDABA_DATA or data/aldaba.db. */
export function database(): Db {
  holder[KEY] ??= openDatabase(dataPath());
  return holder[KEY];
}

/** Writes everything into the one file and closes it. What asks afterwards opens it anew. */
export function closeDatabase(): void {
  const db = holder[KEY];
  if (!db) return;
  delete holder[KEY];
  try {
    db.$client.pragma('wal_checkpoint(TRUNCATE)');
  } finally {
    db.$client.close();
  }
}
