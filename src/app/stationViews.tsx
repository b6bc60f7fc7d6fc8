import type { StationId } from '#core/checks/stations';
import type { StationProps } from '../parts/given';
import { lazily, type LazyView } from '../parts/lazily';

/**
 * The view of every station: a station without one does not compile. Each is fetched when it is first looked at; the page that opens
 * on one names it at its head, which the build reads from the lines below (scripts/preloads.mjs).
 */
export const STATION_VIEWS: Record<StationId, LazyView<StationProps>> = {
  brief: lazily(() => import('../stations/brief/BriefStation').then((it) => it.BriefStation)),
  wire: lazily(() => import('../stations/wire/WireStation').then((it) => it.WireStation)),
  power: lazily(() => import('../stations/power/PowerStation').then((it) => it.PowerStation)),
  prove: lazily(() => import('../stations/prove/ProveStation').then((it) => it.ProveStation)),
  program: lazily(() => import('../stations/program/ProgramStation').then((it) => it.ProgramStation)),
  timing: lazily(() => import('../stations/timing/TimingStation').then((it) => it.TimingStation)),
  test: lazily(() => import('../stations/test/TestStation').then((it) => it.TestStation)),
  'hand-over': lazily(() => import('../stations/handover/HandOverStation').then((it) => it.HandOverStation)),
};
