import { getTableName, is } from 'drizzle-orm';
import { SQLiteTable } from 'drizzle-orm/sqlite-core';
import * as schema from './schema';

/** Every table of the schema, by its name in the file: nobody lists them by hand. */
export const ALL_TABLES: readonly string[] = Object.values(schema).flatMap((one) =>
  is(one, SQLiteTable) ? [getTableName(one)] : [],
);

/** What belongs to this server and not to what is kept on it: its passphrases stay when a backup comes back, and whoever is signed in. */
const OF_THE_SERVER: ReadonlySet<string> = new Set([
  getTableName(schema.serverSettings),
  getTableName(schema.sessions),
]);

/** Tables that a backup puts back. */
export const RESTORED_TABLES: readonly string[] = ALL_TABLES.filter((name) => !OF_THE_SERVER.has(name));
