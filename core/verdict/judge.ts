import { findIn, type Plan } from '../plan/index';
import { doorVerdict, verdictSteps, type DoorSummary, type DoorVerdict } from './doorVerdict';

/** A verdict, or why there is none. */
export type Judgement =
  | { readonly ok: true; readonly verdict: DoorVerdict }
  | { readonly ok: false; readonly door: string; readonly reason: string };

/** Runs what judges, and says so where it cannot: no verdict is never a good one. */
function attempt(door: string, run: () => DoorVerdict): Judgement {
  try {
    return { ok: true, verdict: run() };
  } catch (error) {
    return { ok: false, door, reason: error instanceof Error ? error.message : String(error) };
  }
}

/**
 * Judges a door. One that breaks an assumption of a rule or of the engine says so alone, and does not take the page of every
 * other with it.
 */
export const judge = (plan: Plan, door: string): Judgement => attempt(door, () => doorVerdict(plan, door));

/** Judges a door in two steps: what is wrong at once, the remedies that were tried after it, one by one. */
export function judgeInSteps(
  plan: Plan,
  door: string,
): { first: Judgement; completing(): Generator<undefined, Judgement> } {
  const failing = (error: unknown): Judgement =>
    attempt(door, () => {
      throw error;
    });
  try {
    const { first, completing } = verdictSteps(plan, door);
    return {
      first: { ok: true, verdict: first },
      *completing() {
        try {
          return { ok: true, verdict: yield* completing() };
        } catch (error) {
          return failing(error);
        }
      },
    };
  } catch (error) {
    const failed = failing(error);
    return {
      first: failed,

      *completing() {
        return failed;
      },
    };
  }
}

/** What the ledger shows of a door, judged or not. */
export function summarise(plan: Plan, door: string): DoorSummary {
  const { first } = judgeInSteps(plan, door);
  return first.ok ? first.verdict.summary : unjudged(plan, door);
}

/** What the ledger shows of a door that could not be judged: something to settle, and nothing sound about it. */
export const unjudged = (plan: Plan, door: string): DoorSummary => ({
  door,
  deadState: findIn(plan.doors, door)?.deadState?.state ?? null,
  toSettle: 0,
  worst: 'stop',
  begun: true,
  fire: [],
  judged: false,
});
