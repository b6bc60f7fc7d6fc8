import { and, desc, eq, gt, inArray, sql } from 'drizzle-orm';
import { backToday } from '#core/admission/index';
import type { EditBack } from '#core/plan/index';
import type { Reader } from '../db/open';
import * as schema from '../db/schema';

/** One line of the log. */
export interface LoggedEdit {
  readonly revision: number;
  readonly at: string;
  readonly author: string;
  readonly doors: readonly string[];
  readonly body: unknown;
  /** True where what takes it back is kept. */
  readonly back: boolean;
}

/** Whether a line can be taken back is part of it: nobody is offered what is not there. */
const columns = {
  revision: schema.edits.revision,
  at: schema.edits.at,
  author: schema.edits.author,
  doors: schema.edits.doors,
  body: schema.edits.body,
  // Named by hand: the query has one table, and its builder leaves the names of tables out.
  back: sql<number>`exists (select 1 from edit_backs b where b.site = edits.site and b.revision = edits.revision)`.mapWith(
    Boolean,
  ),
};

/** Log lines after a revision, oldest first. */
export const editsSince = (db: Reader, site: string, revision: number): LoggedEdit[] =>
  db
    .select(columns)
    .from(schema.edits)
    .where(and(eq(schema.edits.site, site), gt(schema.edits.revision, revision)))
    .orderBy(schema.edits.revision)
    .limit(500)
    .all();

/** Who made each revision after this one, oldest first, and no more of it. */
export const authorsSince = (
  db: Reader,
  site: string,
  revision: number,
): { readonly revision: number; readonly author: string }[] =>
  db
    .select({ revision: schema.edits.revision, author: schema.edits.author })
    .from(schema.edits)
    .where(and(eq(schema.edits.site, site), gt(schema.edits.revision, revision)))
    .orderBy(schema.edits.revision)
    .limit(500)
    .all();

/** The newest log lines, newest first. */
export const recentEdits = (db: Reader, site: string, limit: number): LoggedEdit[] =>
  db
    .select(columns)
    .from(schema.edits)
    .where(eq(schema.edits.site, site))
    .orderBy(desc(schema.edits.revision))
    .limit(limit)
    .all();

/** What takes a line of the log back; null where the line is not there, or is older than the keeping of this. */
export function backOf(db: Reader, site: string, revision: number): EditBack | null {
  const row = db
    .select({ body: schema.editBacks.body })
    .from(schema.editBacks)
    .where(and(eq(schema.editBacks.site, site), eq(schema.editBacks.revision, revision)))
    .get();
  // Kept by an earlier version, it may lack what things have today.
  return row ? backToday(row.body) : null;
}

/** Which of these edits are never to be kept: refused, or taken back by their sender. */
export function withdrawnIds(db: Reader, site: string, ids: readonly string[]): Set<string> {
  const { site: at, editId } = schema.withdrawnEdits;
  const rows = db
    .select({ id: editId })
    .from(schema.withdrawnEdits)
    .where(and(eq(at, site), inArray(editId, [...ids])))
    .all();
  return new Set(rows.map(({ id }) => id));
}

/** Which of these edits are in the log already, with the revision each made. */
export function loggedIds(db: Reader, site: string, ids: readonly string[]): Map<string, number> {
  const rows = db
    .select({ id: schema.edits.editId, revision: schema.edits.revision })
    .from(schema.edits)
    .where(and(eq(schema.edits.site, site), inArray(schema.edits.editId, [...ids])))
    .all();
  return new Map(rows.flatMap(({ id, revision }) => (id === null ? [] : [[id, revision]])));
}
