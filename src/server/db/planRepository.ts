import { and, eq, inArray, sql } from 'drizzle-orm';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';
import { changedIds, COLLECTIONS, kindOf, type Collection, type Plan, type Site } from '#core/plan/index';
import type { Reader, Tx } from './open';
import * as rows from './rows';
import * as schema from './schema';

/** A table with the plan's collection that it holds. */
export interface Binding {
  readonly table: SQLiteTable & { site: SQLiteColumn };
  readonly key: SQLiteColumn;
  toRow(site: string, entity: never): object;
  fromRow(row: never): object;
}

/** How each collection is kept. One that is forgotten here does not compile. */
export const BINDINGS: Record<Collection, Binding> = {
  types: {
    table: schema.deviceTypes,
    key: schema.deviceTypes.id,
    toRow: rows.typeRow,
    fromRow: rows.typeFrom,
  },
  doors: { table: schema.doors, key: schema.doors.id, toRow: rows.doorRow, fromRow: rows.doorOf },
  devices: { table: schema.devices, key: schema.devices.id, toRow: rows.deviceRow, fromRow: rows.deviceFrom },
  conductors: {
    table: schema.conductors,
    key: schema.conductors.id,
    toRow: rows.conductorRow,
    fromRow: rows.conductorFrom,
  },
  cables: { table: schema.cables, key: schema.cables.id, toRow: rows.cableRow, fromRow: rows.cableFrom },
  people: { table: schema.people, key: schema.people.id, toRow: rows.personRow, fromRow: rows.personFrom },
  memories: {
    table: schema.memories,
    key: schema.memories.device,
    toRow: rows.memoryRow,
    fromRow: rows.memoryFrom,
  },
  readings: {
    table: schema.readings,
    key: schema.readings.id,
    toRow: rows.readingRow,
    fromRow: rows.readingFrom,
  },
  spaces: { table: schema.spaces, key: schema.spaces.id, toRow: rows.spaceRow, fromRow: rows.spaceFrom },
  sides: { table: schema.sides, key: schema.sides.id, toRow: rows.sidesRow, fromRow: rows.sidesFrom },
  zones: { table: schema.zones, key: schema.zones.id, toRow: rows.zoneRow, fromRow: rows.zoneFrom },
  cardFormats: {
    table: schema.cardFormats,
    key: schema.cardFormats.id,
    toRow: rows.cardFormatRow,
    fromRow: rows.cardFormatFrom,
  },
  languages: {
    table: schema.languages,
    key: schema.languages.id,
    toRow: rows.languageRow,
    fromRow: rows.languageFrom,
  },
  calendars: {
    table: schema.calendars,
    key: schema.calendars.id,
    toRow: rows.calendarRow,
    fromRow: rows.calendarFrom,
  },
  hours: { table: schema.hours, key: schema.hours.id, toRow: rows.hoursRow, fromRow: rows.hoursFrom },
  levels: { table: schema.levels, key: schema.levels.id, toRow: rows.levelRow, fromRow: rows.levelFrom },
  scenarios: {
    table: schema.scenarios,
    key: schema.scenarios.id,
    toRow: rows.scenarioRow,
    fromRow: rows.scenarioFrom,
  },
};

export interface StoredPlan {
  readonly plan: Plan;
  readonly revision: number;
}

/** A site as it stands in the database; null where there is none. */
export function loadPlan(db: Reader, siteId: string): StoredPlan | null {
  const found = db.select().from(schema.sites).where(eq(schema.sites.id, siteId)).get();
  if (!found) return null;
  const { revision, ...site } = found;
  const collections = Object.fromEntries(
    COLLECTIONS.map((name) => {
      const { table, fromRow } = BINDINGS[name];
      const entities = db
        .select()
        .from(table)
        .where(eq(table.site, siteId))
        .all()
        .map((row) => fromRow(row as never));
      const { key } = kindOf(name);
      return [name, Object.fromEntries(entities.map((one) => [(one as Record<string, string>)[key], one]))];
    }),
  );
  return { plan: { site: site as Site, ...collections } as unknown as Plan, revision };
}

/** Writes the difference between two states of a plan: rows that changed, and only those. */
export function savePlan(tx: Tx, before: Plan, after: Plan, revision: number): void {
  // A batch may swap tags or numbers: constraints are looked at when the transaction ends.
  tx.run(sql`PRAGMA defer_foreign_keys = ON`);
  const site = after.site.id;
  const changed = new Map(COLLECTIONS.map((name) => [name, changedIds(before[name], after[name])]));
  for (const name of [...COLLECTIONS].reverse()) {
    const { table, key } = BINDINGS[name];
    if (changeInPlace(tx, site, name, changed.get(name)!, before, after)) {
      changed.delete(name);
      continue;
    }
    const stale = changed.get(name)!.filter((id) => before[name][id] !== undefined);
    for (const some of chunks(stale))
      tx.delete(table)
        .where(and(eq(table.site, site), inArray(key, some)))
        .run();
  }
  // Parents before children: rows are put in the order of the kinds and taken out in the other.
  for (const name of COLLECTIONS) {
    const { table, toRow } = BINDINGS[name];
    const fresh = (changed.get(name) ?? []).flatMap((id) => after[name][id] ?? []);
    for (const some of chunks(fresh))
      tx.insert(table)
        .values(some.map((one) => toRow(site, one as never)) as never)
        .run();
  }
  const { id: _id, ...columns } = after.site;
  tx.update(schema.sites)
    .set({ ...columns, revision })
    .where(eq(schema.sites.id, site))
    .run();
}

/**
 * One row that is other than it was is changed where it stands: taken out and put in again, whatever refers to it would be looked
 * through twice. More than one may swap what must be unique, and goes the long way.
 */
function changeInPlace(
  tx: Tx,
  site: string,
  name: Collection,
  [id, ...more]: readonly string[],
  before: Plan,
  after: Plan,
): boolean {
  if (id === undefined || more.length > 0) return false;
  const entity = after[name][id];
  if (!entity || before[name][id] === undefined) return false;
  const { table, key, toRow } = BINDINGS[name];
  // Its key stands: set to what it is, every row that refers to it would be looked for.
  const {
    site: _site,
    [kindOf(name).key]: _key,
    ...row
  } = toRow(site, entity as never) as Record<string, unknown>;
  tx.update(table)
    .set(row as never)
    .where(and(eq(table.site, site), eq(key, id)))
    .run();
  return true;
}

/** SQLite takes a limited number of values in one statement. */
function chunks<T>(all: readonly T[], size = 500): T[][] {
  return Array.from({ length: Math.ceil(all.length / size) }, (_, i) => all.slice(i * size, (i + 1) * size));
}
