import type { DoorId, Plan, PlanDelta } from '#core/plan/index';
import type { DoorSummary, Judgement } from '#core/verdict/index';

/** What the thread that judges is asked. A site goes there once; later only what became of it. */
export type Ask =
  | {
      readonly kind: 'site';
      readonly site: string;
      /** Counts the states of a site; an answer about an earlier one is dropped. */
      readonly state: number;
      readonly change: { readonly plan: Plan } | { readonly delta: PlanDelta };
      /** Doors whose summaries are not known any more. They are worked off one by one. */
      readonly doors: readonly DoorId[];
    }
  /** A door in full, before any summary. */
  | { readonly kind: 'door'; readonly site: string; readonly state: number; readonly door: DoorId }
  | { readonly kind: 'forget'; readonly site: string };

export type Answer = { readonly site: string; readonly state: number } & (
  | { readonly kind: 'door'; readonly door: DoorId; readonly judgement: Judgement }
  | { readonly kind: 'summary'; readonly summary: DoorSummary }
);
