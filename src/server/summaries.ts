import { doorsInOrder } from '#core/plan/index';
import { summarise, type DoorSummary } from '#core/verdict/index';
import type { StoredPlan } from './db/planRepository';

/** Summaries of the newest revision asked for, by site: judging a site takes time, and pages are loaded often. */
const kept = new Map<string, { revision: number; summaries: DoorSummary[] }>();

/** What the ledger shows of every door of a site. A door that cannot be judged says so alone. */
export function summariesOf({ plan, revision }: StoredPlan): DoorSummary[] {
  const known = kept.get(plan.site.id);
  if (known?.revision === revision) return known.summaries;
  const summaries = doorsInOrder(plan).map(({ id }) => summarise(plan, id));
  kept.set(plan.site.id, { revision, summaries });
  return summaries;
}
