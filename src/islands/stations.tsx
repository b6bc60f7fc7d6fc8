import type { ComponentType } from 'react';
import type { StationId } from '#core/checks/stations';
import type { Live } from '#core/drawing/index';
import type { Door } from '#core/plan/index';
import type { DoorVerdict } from '#core/verdict/index';
import type { Bench } from './bench/useBench';
import { lazily, type LazyView } from './lazily';
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
export const STATION_VIEWS: Record<StationId, ComponentType<StationProps> | LazyView<StationProps>> = {
  brief: lazily(() => import('./brief/BriefStation').then((it) => it.BriefStation)),
  wire: WireStation,
  power: lazily(() => import('./power/PowerStation').then((it) => it.PowerStation)),
  prove: lazily(() => import('./prove/ProveStation').then((it) => it.ProveStation)),
  program: lazily(() => import('./program/ProgramStation').then((it) => it.ProgramStation)),
  timing: lazily(() => import('./timing/TimingStation').then((it) => it.TimingStation)),
  test: lazily(() => import('./test/TestStation').then((it) => it.TestStation)),
  'hand-over': lazily(() => import('./handover/HandOverStation').then((it) => it.HandOverStation)),
};
