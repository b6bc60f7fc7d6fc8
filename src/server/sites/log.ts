import { and, desc, eq, gt, inArray } from 'drizzle-orm';
import type { Reader } from '../db/open';
import * as schema from '../db/schema';

/** One line of the log. */
export interface LoggedEdit {
  readonly revision: number;
  readonly at: string;
  readonly author: string;
  readonly doors: readonly string[];
  readonly body: unknown;
}

const columns = {
  revision: schema.edits.revision,
  at: schema.edits.at,
  author: schema.edits.author,
  doors: schema.edits.doors,
  body: schema.edits.body,
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

/** The newest log lines, newest first. */
export const recentEdits = (db: Reader, site: string, limit: number): LoggedEdit[] =>
  db
    .select(columns)
    .from(schema.edits)
    .where(eq(schema.edits.site, site))
    .orderBy(desc(schema.edits.revision))
    .limit(limit)
    .all();

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
