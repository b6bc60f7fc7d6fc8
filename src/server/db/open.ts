import '#core/devices/library/index';
import {
  chmodSync,
  closeSync,
  existsSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { mark } from './fileMark';
import { DatabaseError, openError } from './openError';
import * as schema from './schema';

export type Db = BetterSQLite3Database<typeof schema> & { readonly $client: Database.Database };
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0];
export type Reader = Pick<Db, 'select'>;

/** Where the migrations lie. */
const migrationsFolder = (): string => resolve(process.env['ALDABA_MIGRATIONS'] ?? 'drizzle');

/** How long a statement waits for another process, ms, once the file is open. */
const BUSY_MS = 1000;

export interface OpenOptions {
  /** Whether the file is copied as it is before it is brought up to a newer version. */
  readonly backup?: boolean;
}

/**
 * Opens a database file, brings it up to the newest migration, and sets it up to lose nothing on a crash. The file is the
 * owner's alone: it holds codes. Throws a `DatabaseError` whose message names the file and what is wrong with it.
 */
export function openDatabase(path: string, { backup = true }: OpenOptions = {}): Db {
  let raw: Database.Database | null = null;
  try {
    if (path !== ':memory:') prepareFile(resolve(path));
    raw = new Database(path);
    raw.pragma('journal_mode = WAL');
    raw.pragma('synchronous = FULL');
    raw.pragma('foreign_keys = ON');
    raw.pragma('secure_delete = ON');
    raw.pragma('busy_timeout = 5000');
    const { done, known } = migrationsOf(raw);
    if (done > known) throw new DatabaseError(newer(path));
    if (done > 0 && done < known && path !== ':memory:' && backup) backupBefore(raw, path, done);
    const db = drizzle(raw, { schema }) as Db;
    migrate(db, { migrationsFolder: migrationsFolder() });
    mark(raw, 'server');
    // Whoever waits for a lock holds up everybody: while it works, the server says soon that it is busy, and is asked again.
    raw.pragma(`busy_timeout = ${BUSY_MS}`);
    return db;
  } catch (cause) {
    raw?.close();
    throw openError(path, cause);
  }
}

/** Makes the folder and the file, readable by nobody else from the first byte on. */
function prepareFile(path: string): void {
  mkdirSync(dirname(path), { recursive: true });
  if (existsSync(path) && statSync(path).isDirectory())
    throw Object.assign(new Error('is a folder'), { code: 'EISDIR' });
  if (!existsSync(path)) closeSync(openSync(path, 'a', 0o600));
  else chmodIfOwn(path);
}

function chmodIfOwn(path: string): void {
  try {
    chmodSync(path, 0o600);
  } catch {
    // Somebody else's file: whether it can be used at all shows when it is opened.
  }
}

/** Migrations that a file has seen, and those that this version knows. */
function migrationsOf(raw: Database.Database): { readonly done: number; readonly known: number } {
  const journal = readFileSync(join(migrationsFolder(), 'meta/_journal.json'), 'utf8');
  const { entries } = JSON.parse(journal) as { entries: readonly unknown[] };
  const table = raw
    .prepare("select count(*) as n from sqlite_master where type = 'table' and name = '__drizzle_migrations'")
    .get() as { n: number };
  if (table.n === 0) return { done: 0, known: entries.length };
  const { n } = raw.prepare('select count(*) as n from __drizzle_migrations').get() as { n: number };
  return { done: n, known: entries.length };
}

/** A database that a later version has migrated further is not touched. */
const newer = (path: string): string =>
  `The database ${resolve(path)} was written by a newer version of Aldaba. It was not touched: start that version, or restore a backup.`;

/** The file as it is, whole and in one piece, before a newer version changes what is in it. One is enough for each step. */
function backupBefore(raw: Database.Database, path: string, done: number): void {
  const folder = join(dirname(resolve(path)), 'backups');
  const file = join(folder, `${basename(path, '.db')}-before-migration-${done}.db`);
  if (existsSync(file)) return;
  mkdirSync(folder, { recursive: true });
  // It has its name once it is whole: the next start would take half of one for all of it.
  const part = `${file}.part`;
  rmSync(part, { force: true });
  raw.prepare('vacuum into ?').run(part);
  chmodSync(part, 0o600);
  renameSync(part, file);
}
