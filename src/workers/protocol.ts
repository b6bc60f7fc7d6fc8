import type { CauseReport } from '#core/causes/index';
import type { DeviceType } from '#core/devices/index';
import type { Fault, FaultGroup, PairStep, FaultsCovered } from '#core/faults/index';
import type { Bounds, OrdersReport } from '#core/orders/index';
import type { Improvement } from '#core/protect/index';
import type { SituationId } from '#core/prove/index';
import type { Plan, PlanDelta } from '#core/plan/index';
import type { BatteryPoint } from '#core/power/index';
import type { Fix, ReachFault, ReleaseTree, SiteOpenings, Trap } from '#core/reach/index';
import type { DoorSummary, Judgement } from '#core/verdict/index';

/** What goes to the verdict worker and what comes back. */
export type VerdictRequest = {
  readonly version: number;
  /** The plan itself the first time, with the library's types that it uses, then what became of it: a site of a hundred doors is not copied at a key. */
  readonly change:
    { readonly plan: Plan; readonly types: readonly DeviceType[] } | { readonly delta: PlanDelta };
  /** Door to judge at once and in full; null where none is open. */
  readonly door: string | null;
  /** Doors whose summary may have changed. */
  readonly stale: readonly string[];
  /** False while codes and cards are not there: what hangs on them is not judged. */
  readonly codes: boolean;
  /** Door whose verdict is known and which is likely to change next: judged once for practice, and nothing is answered. */
  readonly practise?: string | null;
};

export type VerdictAnswer =
  | { readonly kind: 'door'; readonly version: number; readonly judgement: Judgement }
  | { readonly kind: 'summary'; readonly version: number; readonly summary: DoorSummary }
  /** The worker does not know the plan any more and asks for all of it. */
  | { readonly kind: 'lost'; readonly version: number; readonly reason: string };

/** What goes to the battery worker and what comes back. */
export interface BatteryRequest {
  readonly plan: Plan;
  readonly door: string;
}
export interface BatteryAnswer {
  /** Null where no battery stands behind the lock, or the lock draws nothing at rest. */
  readonly curve: { readonly points: BatteryPoint[]; readonly needs: number; readonly tag: string } | null;
}

/** What goes to the worker that looks for causes, and what comes back. */
export interface CausesRequest {
  readonly version: number;
  readonly plan: Plan;
  readonly door: string;
}
export interface CausesAnswer {
  readonly version: number;
  readonly report: CauseReport;
}

/** A single fault as the screen shows it. */
export interface FaultLine {
  readonly fault: Fault;
  readonly group: FaultGroup;
  /** Situations in which it makes a difference. */
  readonly situations: readonly SituationId[];
}

/** What goes to the worker that tries faults and orders of events, and what comes back. */
export type ProveRequest = { readonly plan: Plan; readonly door: string } & (
  | { readonly kind: 'faults'; readonly skip: number }
  | { readonly kind: 'worth' }
  | { readonly kind: 'helps' }
  | { readonly kind: 'pairs'; readonly skip: number }
  | { readonly kind: 'orders'; readonly bounds: Bounds }
);
export type ProveAnswer =
  | {
      readonly kind: 'faults';
      readonly of: number;
      readonly lines: readonly FaultLine[];
      readonly over: boolean;
    }
  | { readonly kind: 'worth'; readonly worth: readonly FaultsCovered[]; readonly over: boolean }
  | { readonly kind: 'helps'; readonly found: readonly Improvement[]; readonly over: boolean }
  | { readonly kind: 'pairs'; readonly step: PairStep; readonly over: boolean }
  | { readonly kind: 'orders'; readonly report: OrdersReport; readonly over: boolean };

/** What goes to the worker that looks at the site as a building, and what comes back. */
export type ReachRequest =
  | { readonly kind: 'look'; readonly plan: Plan }
  | { readonly kind: 'faults' }
  | { readonly kind: 'pause' }
  | { readonly kind: 'goOn' };
export type ReachAnswer =
  | { readonly kind: 'opening'; readonly done: number; readonly of: number }
  | { readonly kind: 'open'; readonly openings: SiteOpenings; readonly traps: readonly Trap[] }
  | { readonly kind: 'tree'; readonly tree: ReleaseTree }
  /** By the space of a trap, or by zone and door. */
  | { readonly kind: 'fixes'; readonly of: string; readonly fixes: readonly Fix[] }
  | {
      readonly kind: 'faults';
      /** Doors that were swept, of all. */
      readonly done: number;
      readonly of: number;
      readonly tried: number;
      readonly found: readonly ReachFault[];
      readonly over: boolean;
    };
