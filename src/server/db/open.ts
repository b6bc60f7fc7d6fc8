import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema';

export type Db = BetterSQLite3Database<typeof schema>;

/** Opens a database file, brings it up to the newest migration, and sets it up to lose nothing on a crash. */
export function openDatabase(path: string): Db {
  if (path !== ':memory:') mkdirSync(dirname(resolve(path)), { recursive: true });
  const raw = new Database(path);
  raw.pragma('journal_mode = WAL');
  raw.pragma('synchronous = FULL');
  raw.pragma('foreign_keys = ON');
  raw.pragma('busy_timeout = 5000');
  const db = drizzle(raw, { schema });
  migrate(db, { migrationsFolder: resolve(process.env['ALDABA_MIGRATIONS'] ?? 'drizzle') });
  return db;
}

let shared: Db | null = null;

/** The server's own database, at ALDABA_DATA or data/aldaba.db. */
export function database(): Db {
  shared ??= openDatabase(process.env['ALDABA_DATA'] ?? 'data/aldaba.db');
  return shared;
}
