import { eq } from 'drizzle-orm';
import type { Plan } from '#core/plan/index';
import type { Db, Reader } from '../db/open';
import { loadPlan, type StoredPlan } from '../db/planRepository';
import { isDamage } from '../db/openError';
import { loadWhatIsLeft, type Damage } from '../db/salvage';
import { sites } from '../db/schema';
import { tellDamage } from '../health';

/** How many earlier states of a site are kept in memory: who has missed fewer gets the difference, not the site. */
const KEPT = 400;

/** A site as this process holds it: its newest state, and earlier ones that share everything unchanged with it. */
export interface LiveSite extends StoredPlan {
  /** What of it a damaged file does not give any more; such a site is read and not changed. */
  readonly damage?: Damage;
  /** Plans by revision, newest last. The newest is among them. */
  readonly history: ReadonlyMap<number, Plan>;
}

const held = new WeakMap<object, Map<string, LiveSite>>();

function heldBy(db: Db): Map<string, LiveSite> {
  const key = db.$client;
  const found = held.get(key) ?? new Map<string, LiveSite>();
  held.set(key, found);
  return found;
}

/**
 * A site as it stands; null where there is none. Read once and then held: the revision in the database says whether another
 * process has changed it meanwhile.
 */
export function liveSite(db: Db, id: string, reader: Reader = db): LiveSite | null {
  const row = reader.select({ revision: sites.revision }).from(sites).where(eq(sites.id, id)).get();
  const all = heldBy(db);
  const known = all.get(id);
  if (!row) {
    all.delete(id);
    return null;
  }
  if (known?.revision === row.revision) return known;
  const stored = read(reader, id);
  if (!stored) return null;
  const live: LiveSite = { ...stored, history: new Map([[stored.revision, stored.plan]]) };
  all.set(id, live);
  return live;
}

/** A site as it stands, or what is left of it in a file that is spoilt. */
function read(reader: Reader, id: string): (StoredPlan & { readonly damage?: Damage }) | null {
  try {
    return loadPlan(reader, id);
  } catch (error) {
    // Text that is no JSON any more is damage too; a mistake of the program is not.
    if (!isDamage(error) && !(error instanceof SyntaxError)) throw error;
    tellDamage(error instanceof Error ? error.message : String(error));
    return loadWhatIsLeft(reader, id);
  }
}

/** Takes over a state that has been written. To be called once the transaction is through, never before. */
export function advance(db: Db, live: LiveSite, steps: readonly Plan[]): LiveSite {
  const history = new Map(live.history);
  let { revision } = live;
  for (const plan of steps) history.set((revision += 1), plan);
  for (const old of history.keys()) {
    if (history.size <= KEPT) break;
    history.delete(old);
  }
  const next: LiveSite = { plan: steps.at(-1) ?? live.plan, revision, history };
  heldBy(db).set(next.plan.site.id, next);
  return next;
}

/** Lets go of what is held of a site: it was removed, or put in anew under the same id. */
export const forget = (db: Db, id: string): boolean => heldBy(db).delete(id);
