import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { type Door } from '#core/plan/index';
import { say } from '#words/stations/power/OnBattery';
import type { BatteryAnswer, BatteryRequest } from '../../workers/protocol';
import { usePlan } from '../../store/context';
import css from './PowerStation.module.css';

const BatteryChart = lazy(() =>
  import('./BatteryChart').then((module) => ({ default: module.BatteryChart })),
);

/** After this long without a change the battery is emptied anew, ms. */
const PAUSE_MS = 250;

/** Worked out by a worker after the page shows, and only where a battery stands behind a lock. */
export function OnBattery({ door }: { door: Door }) {
  const plan = usePlan();
  const [curve, setCurve] = useState<BatteryAnswer['curve']>(null);
  const worker = useRef<Worker | null>(null);
  const { devices, conductors } = plan;
  useEffect(() => {
    const made = new Worker(new URL('../../workers/battery.worker.ts', import.meta.url), { type: 'module' });
    made.addEventListener('message', ({ data }: MessageEvent<BatteryAnswer>) => setCurve(data.curve));
    worker.current = made;
    return () => made.terminate();
  }, []);
  useEffect(() => {
    const timer = setTimeout(
      () => worker.current?.postMessage({ plan, door: door.id } satisfies BatteryRequest),
      PAUSE_MS,
    );
    return () => clearTimeout(timer);
  }, [devices, conductors, door.id]);
  const last = curve?.points.at(-1);
  // The place is kept while the worker works, so that nothing below it moves.
  return (
    <section className={css['battery']}>
      <h2>
        {say.onBattery}
        {curve &&
          last &&
          `: ${curve.tag} ${last.hold === 'held' ? say.stillHoldsAfterH(last.hours) : say.holdsHNewBattery(last.hours)}`}
      </h2>
      <Suspense fallback={null}>
        {curve && <BatteryChart points={curve.points} needsVolts={curve.needs} tag={curve.tag} />}
      </Suspense>
    </section>
  );
}
