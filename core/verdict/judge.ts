import { findIn, type Plan } from '../plan/index';
import { doorVerdict, type DoorSummary, type DoorVerdict } from './doorVerdict';

/** A verdict, or why there is none. */
export type Judgement =
  | { readonly ok: true; readonly verdict: DoorVerdict }
  | { readonly ok: false; readonly door: string; readonly reason: string };

/**
 * Judges a door, and says so where it cannot: one door that breaks a rule's or the engine's assumption must not take the
 * page of every other with it. No verdict is never a good one.
 */
export function judge(plan: Plan, door: string): Judgement {
  try {
    return { ok: true, verdict: doorVerdict(plan, door) };
  } catch (error) {
    return { ok: false, door, reason: error instanceof Error ? error.message : String(error) };
  }
}

/** What the ledger shows of a door, judged or not. */
export function summarise(plan: Plan, door: string): DoorSummary {
  const judgement = judge(plan, door);
  return judgement.ok ? judgement.verdict.summary : unjudged(plan, door);
}

/** What the ledger shows of a door that could not be judged: something to settle, and nothing sound about it. */
export const unjudged = (plan: Plan, door: string): DoorSummary => ({
  door,
  deadState: findIn(plan.doors, door)?.deadState?.state ?? null,
  toSettle: 0,
  worst: 'stop',
  begun: true,
  judged: false,
});
