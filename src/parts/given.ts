import type { Live } from '#core/drawing/index';
import type { Door } from '#core/plan/index';
import type { DoorSummary, DoorVerdict } from '#core/verdict/index';
import type { Bench } from './bench/useBench';
import type { Wiring } from './useWiring';

/** What a station's view is given; each takes what it needs. */
export interface StationProps {
  readonly door: Door;
  readonly verdict: DoorVerdict | null;
  readonly bench: Bench;
  readonly wiring: Wiring;
  readonly live: Live;
  readonly focusCount: number;
}

/** What a page about the whole site is given; each takes what it needs. */
export interface SitePageProps {
  readonly sites: readonly { readonly id: string; readonly name: string }[];
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}
