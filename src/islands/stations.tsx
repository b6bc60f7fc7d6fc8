import { lazy, type ComponentType } from 'react';
import type { StationId } from '#core/checks/stations';
import type { Live } from '#core/drawing/index';
import type { Door } from '#core/plan/index';
import type { DoorVerdict } from '#core/verdict/index';
import type { Bench } from './bench/useBench';
import type { Wiring } from './wire/useWiring';
import { WireStation } from './wire/WireStation';

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
 * The view of every station: a station without one does not compile. All but Wire, where a door opens, are fetched when they
 * are first looked at, so that the bench stays light.
 */
export const STATION_VIEWS: Record<StationId, ComponentType<StationProps>> = {
  brief: lazy(() => import('./brief/BriefStation').then((it) => ({ default: it.BriefStation }))),
  wire: WireStation,
  power: lazy(() => import('./power/PowerStation').then((it) => ({ default: it.PowerStation }))),
  prove: lazy(() => import('./prove/ProveStation').then((it) => ({ default: it.ProveStation }))),
  program: lazy(() => import('./program/ProgramStation').then((it) => ({ default: it.ProgramStation }))),
  timing: lazy(() => import('./timing/TimingStation').then((it) => ({ default: it.TimingStation }))),
  test: lazy(() => import('./test/TestStation').then((it) => ({ default: it.TestStation }))),
  'hand-over': lazy(() =>
    import('./handover/HandOverStation').then((it) => ({ default: it.HandOverStation })),
  ),
};
