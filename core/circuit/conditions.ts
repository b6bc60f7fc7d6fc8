/** What the outside world sets before a circuit is solved. */
export interface Conditions {
  /** Device states that are true: `D03/EB1:broken`, `D03/K1:relay1`. */
  readonly states: ReadonlySet<string>;
  /** Feed of each source by branch id; a source that is not named runs on mains. */
  readonly feeds: ReadonlyMap<string, Feed>;
  /** Conductors that are cut, by id. */
  readonly cut: ReadonlySet<string>;
  /** Circuit boards that are broken and never start, by branch id. */
  readonly failed: ReadonlySet<string>;
}

export type Feed =
  | { readonly kind: 'mains' }
  | { readonly kind: 'off' }
  /** Open-circuit voltage of the battery at this moment. */
  | { readonly kind: 'battery'; readonly volts: number };

export const AT_REST: Conditions = { states: new Set(), feeds: new Map(), cut: new Set(), failed: new Set() };
