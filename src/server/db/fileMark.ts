import type Database from 'better-sqlite3';

/**
 * What a file says of itself in SQLite's `application_id`: a database that a server works on, or a backup that was written whole. Files of
 * versions before that say nothing.
 */
export const MARKS = { server: 0x416c_6462, backup: 0x416c_6262 } as const;

export const markOf = (raw: Database.Database): number =>
  Number(raw.pragma('application_id', { simple: true }));

export function mark(raw: Database.Database, as: keyof typeof MARKS): void {
  if (markOf(raw) !== MARKS[as]) raw.pragma(`application_id = ${MARKS[as]}`);
}
