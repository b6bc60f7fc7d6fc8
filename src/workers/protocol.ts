import type { Plan } from '#core/plan/index';
import type { DoorSummary, DoorVerdict } from '#core/verdict/index';

/** What goes to the verdict worker and what comes back. */
export type VerdictRequest = {
  readonly version: number;
  readonly plan: Plan;
  /** Door to judge at once and in full; null where none is open. */
  readonly door: string | null;
};

export type VerdictAnswer =
  | { readonly kind: 'door'; readonly version: number; readonly verdict: DoorVerdict }
  | { readonly kind: 'summary'; readonly version: number; readonly summary: DoorSummary };
