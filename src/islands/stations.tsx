import type { StationId } from '#core/checks/stations';
import type { Live } from '#core/drawing/index';
import type { Door } from '#core/plan/index';
import type { DoorVerdict } from '#core/verdict/index';
import type { Bench } from './bench/useBench';
import { lazily, type LazyView } from './lazily';
import type { Wiring } from './wire/useWiring';

/** What a station's view is given; each takes what it needs. */
export interface StationProps {
  readonly door: Door;
  readonly verdict: DoorVerdict | null;
  readonly bench: Bench;
  readonly wiring: Wiring;
  readonly live: Live;
  readonly focusCount: number;
}

/**
 * The view of every station: a station without one does not compile. Each is fetched when it is first looked at; the page that opens
 * on one names it at its head, which the build reads from the lines below (scripts/preloads.mjs).
 */
export const STATION_VIEWS: Record<StationId, LazyView<StationProps>> = {
  brief: lazily(() => import('./brief/BriefStation').then((it) => it.BriefStation)),
  wire: lazily(() => import('./wire/WireStation').then((it) => it.WireStation)),
  power: lazily(() => import('./power/PowerStation').then((it) => it.PowerStation)),
  prove: lazily(() => import('./prove/ProveStation').then((it) => it.ProveStation)),
  program: lazily(() => import('./program/ProgramStation').then((it) => it.ProgramStation)),
  timing: lazily(() => import('./timing/TimingStation').then((it) => it.TimingStation)),
  test: lazily(() => import('./test/TestStation').then((it) => it.TestStation)),
  'hand-over': lazily(() => import('./handover/HandOverStation').then((it) => it.HandOverStation)),
};
