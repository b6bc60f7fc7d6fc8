import {
  closeSync,
  copyFileSync,
  existsSync,
  mkdtempSync,
  openSync,
  readSync,
  rmSync,
  statSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { count, eq, max } from 'drizzle-orm';
import { readAldaba, writeAldaba } from '#core/formats/index';
import { say } from '#words/server/inspect';
import { markOf, MARKS } from './db/fileMark';
import { openDatabase, type Db } from './db/open';
import { DatabaseError } from './db/openError';
import { loadPlan } from './db/planRepository';
import * as schema from './db/schema';

/** A site as a database file holds it. */
export interface SiteIn {
  readonly id: string;
  readonly name: string;
  readonly doors: number;
  /** When it was changed last, ISO 8601; null where its log is empty. */
  readonly changed: string | null;
}

/** What a file is found to be; `copy` is a whole one of it, brought up to this version, in a folder that `done` takes away. */
export type Inspected =
  | { readonly ok: true; readonly sites: readonly SiteIn[]; readonly copy: string; done(): void }
  | { readonly ok: false; readonly message: string };

export interface InspectOptions {
  /** Takes the file of a server without what the server had yet to write into it. */
  readonly asItIs?: boolean;
}

const MAGIC = 'SQLite format 3\u0000';

/**
 * Looks at a database file before anything is done with it: that it is SQLite, Aldaba's, whole, no newer than this version, and that every
 * site in it can be read and would be taken in again. The file itself is not touched; what lies beside it of a server that stopped (WAL) is read with it.
 */
export function inspect(file: string, { asItIs = false }: InspectOptions = {}): Inspected {
  const refused = (why: string): Inspected => ({ ok: false, message: `${file} ${why}` });
  const head = headOf(file);
  if (head === null) return refused(say.cannotBeRead);
  if (head.length === 0) return refused(say.isEmptyItHoldsNothing);
  if (head !== MAGIC) return refused(say.isNotADatabase);
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-inspect-'));
  const done = () => rmSync(folder, { recursive: true, force: true });
  const copy = join(folder, 'copy.db');
  const fail = (why: string): Inspected => {
    done();
    return refused(why);
  };
  try {
    copyFileSync(file, copy);
    const hasWal = existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0;
    if (hasWal) copyFileSync(`${file}-wal`, `${copy}-wal`);
    const why = wrongWith(copy, hasWal || asItIs);
    if (why !== null) return fail(why);
    const db = openDatabase(copy, { backup: false });
    try {
      const sites = sitesIn(db);
      if (sites.length === 0) return fail(say.holdsNoSite);
      const unread = sites.flatMap(({ id, name }) => problemOf(db, id, name));
      if (unread.length > 0) return fail(say.isNotWhole(unread.slice(0, 3).join(' ')));
      return { ok: true, sites, copy, done };
    } finally {
      db.$client.close();
    }
  } catch (error) {
    if (error instanceof DatabaseError) return fail(say.cannotBeUsed(error.message));
    const { code } = error as { code?: unknown };
    if (typeof code === 'string' && code.startsWith('SQLITE_')) return fail(say.damagedCannotReadEnd);
    done();
    throw error;
  }
}

/** The first bytes of a file; null where there is none that can be read. */
function headOf(file: string): string | null {
  try {
    const handle = openSync(file, 'r');
    try {
      const bytes = Buffer.alloc(MAGIC.length);
      return bytes.toString('latin1', 0, readSync(handle, bytes, 0, MAGIC.length, 0));
    } finally {
      closeSync(handle);
    }
  } catch {
    return null;
  }
}

/** What keeps a file from being one of Aldaba's that is whole; null where nothing does. `isAll`: whatever belongs to it is there, or wanted as it is. */
function wrongWith(copy: string, isAll: boolean): string | null {
  const raw = new Database(copy);
  try {
    const tables = new Set(
      (raw.prepare("select name from sqlite_master where type = 'table'").all() as { name: string }[]).map(
        ({ name }) => name,
      ),
    );
    if (tables.size === 0) return say.holdsNothingNoTables;
    if (!tables.has('sites') || !tables.has('__drizzle_migrations')) return say.databaseAnotherProgram;
    if (markOf(raw) === MARKS.server && !isAll) return say.fileServerWorksCopied;
    const whole = raw.pragma('integrity_check(1)', { simple: true });
    if (whole !== 'ok') return say.isDamaged(String(whole));
    const [orphan] = raw.pragma('foreign_key_check') as { table: string }[];
    return orphan ? say.notWholeRowBelongs(orphan.table) : null;
  } finally {
    raw.close();
  }
}

export const sitesIn = (db: Pick<Db, 'select'>): SiteIn[] =>
  db
    .select({ id: schema.sites.id, name: schema.sites.name })
    .from(schema.sites)
    .orderBy(schema.sites.name)
    .all()
    .map(({ id, name }) => ({
      id,
      name,
      doors: db.select({ n: count() }).from(schema.doors).where(eq(schema.doors.site, id)).get()?.n ?? 0,
      changed:
        db
          .select({ at: max(schema.edits.at) })
          .from(schema.edits)
          .where(eq(schema.edits.site, id))
          .get()?.at ?? null,
    }));

/** A site that cannot be read, or that would not be taken in as a file. */
function problemOf(db: Db, id: string, name: string): string[] {
  try {
    const stored = loadPlan(db, id);
    if (!stored) return [say.cannotBeRead2(name)];
    const read = readAldaba(JSON.parse(JSON.stringify(writeAldaba(stored.plan, { secrets: true }))));
    return read.ok ? [] : [`“${name}”: ${read.problems[0]?.message ?? say.itDoesNotFitTogether}.`];
  } catch (error) {
    return [say.cannotBeRead3(name, error instanceof Error ? error.message : String(error))];
  }
}
