import { eq, sql } from 'drizzle-orm';
import { renewed, SCHEMAS } from '#core/admission/index';
import {
  assemble,
  COLLECTIONS,
  kindOf,
  type Collection,
  type DoorId,
  type Lists,
  type Site,
} from '#core/plan/index';
import type { Db } from './open';
import { BINDINGS, type StoredPlan } from './planRepository';
import * as schema from './schema';

/** What a damaged file has lost of a site. */
export interface Damage {
  /** Doors of which nothing is missing, and doors of which something is. Both are empty where that cannot be told any more. */
  readonly whole: readonly DoorId[];
  readonly hurt: readonly DoorId[];
  /** How many things of each kind could not be read; null where not even their number could. Kinds that are whole are not named. */
  readonly lost: Readonly<Partial<Record<Collection, number | null>>>;
}

export interface Salvaged extends StoredPlan {
  readonly damage: Damage;
}

/** Where the file does not say any more how many rows a table has, the search ends after so many numbers without one. */
const MOST_GAP = 20_000;

/** What a read gives, or `otherwise` where the file is spoilt there. */
function unless<T, U>(read: () => T, otherwise: U): T | U {
  try {
    return read();
  } catch {
    return otherwise;
  }
}

/** One row of a table as the index of its keys names it. */
interface Key {
  readonly id: string;
  readonly rowid: number;
}

/**
 * A site of a damaged file, as far as it can be read: row by row, and of what was read whatever still fits together. Null where not even the
 * site's own row is left.
 */
export function loadWhatIsLeft(db: Pick<Db, 'select'>, siteId: string): Salvaged | null {
  const found = unless(
    () => db.select().from(schema.sites).where(eq(schema.sites.id, siteId)).get(),
    undefined,
  );
  if (!found) return null;
  const { revision, ...site } = found;
  const read = COLLECTIONS.map((collection) => [collection, rowsLeft(db, collection, siteId)] as const);
  const lists = Object.fromEntries(
    read.map(([collection, { entities }]) => [collection, entities]),
  ) as unknown as Lists;
  const { plan, misfits } = assemble(site as Site, lists, Infinity);
  const doors = Object.keys(plan.doors) as DoorId[];
  const lost: Partial<Record<Collection, number | null>> = {};
  const hurt = new Set<DoorId>();
  let isTold = true;
  const name = (id: string) => {
    // What belongs to a door carries its name before its own: `D03/W07`, `D03/K1`.
    const door = /^[^/:-]+/.exec(id)?.[0];
    if (door !== undefined) hurt.add(door as DoorId);
  };
  for (const [collection, { missing }] of read) {
    const unfit = misfits.filter((one) => one.collection === collection);
    if (missing === null) isTold = false;
    if (missing === null || missing.length + unfit.length > 0)
      lost[collection] = missing === null ? null : missing.length + unfit.length;
    for (const id of missing ?? []) name(id);
    for (const { index } of unfit)
      name(String((lists[collection][index] as unknown as Record<string, string>)[kindOf(collection).key]));
  }
  return {
    plan,
    revision,
    damage: {
      whole: isTold ? doors.filter((one) => !hurt.has(one)) : [],
      hurt: isTold ? [...hurt].sort().filter((one) => one in plan.doors || missingDoor(lists, one)) : [],
      lost,
    },
  };
}

/** A door whose own row is among what could not be read, or does not fit any more. */
const missingDoor = (lists: Lists, id: DoorId): boolean =>
  /^D\d+$/.test(id) && !lists.doors.some((one) => one.id === id);

/** What can be read of one collection; `missing` names what could not, and is null where the file does not even tell its names. */
function rowsLeft(
  db: Pick<Db, 'select'>,
  collection: Collection,
  site: string,
): { entities: object[]; missing: string[] | null } {
  const { table, key, fromRow } = BINDINGS[collection];
  const good = (row: unknown): object | null => {
    const entity = fromRow(row as never);
    return SCHEMAS[collection].safeParse(renewed(collection, entity)).success ? entity : null;
  };
  const keys = unless(
    () =>
      db
        .select({ id: key, rowid: sql<number>`rowid` })
        .from(table)
        .where(eq(table.site, site))
        .all() as Key[],
    null,
  );
  const asked = db
    .select()
    .from(table)
    .where(sql`rowid = ${sql.placeholder('rowid')} and +${table.site} = ${site}`)
    .prepare();
  const one = (rowid: number): object | null =>
    unless(() => {
      const row: unknown = asked.get({ rowid });
      return row === undefined ? null : good(row);
    }, null);
  if (keys) {
    const read = keys.map(({ id, rowid }) => ({ id, entity: one(rowid) }));
    return {
      entities: read.flatMap(({ entity }) => entity ?? []),
      missing: read.flatMap(({ id, entity }) => (entity ? [] : [id])),
    };
  }
  const last = unless(
    () =>
      db
        .select({ n: sql<number | null>`max(rowid)` })
        .from(table)
        .get()?.n ?? 0,
    Infinity,
  );
  const entities: object[] = [];
  for (let rowid = 1, gap = 0; rowid <= last && gap < MOST_GAP; rowid += 1) {
    const entity = one(rowid);
    if (entity) entities.push(entity);
    gap = entity ? 0 : gap + 1;
  }
  return { entities, missing: null };
}
