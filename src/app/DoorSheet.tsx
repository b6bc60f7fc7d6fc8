import { Suspense, useDeferredValue, useEffect, useMemo, type ReactNode } from 'react';
import type { StationId } from '#core/checks/index';
import { liveView } from '#core/drawing/index';
import { findIn, type Door } from '#core/plan/index';
import { lockStatuses } from '#core/simulate/index';
import type { DoorVerdict } from '#core/verdict/index';
import { HOLD_SHORT } from '#words/bench';
import { say } from '#words/app/DoorSheet';
import { Button } from '../ui/Button';
import { Empty } from '../ui/Empty';
import { Alive, type Behind } from './Alive';
import { Bench } from './bench/benchView';
import { useBench } from '../parts/bench/useBench';
import { useIncomplete } from '../parts/rescue';
import { JobLine } from './frame/JobLine';
import { SaidVerdict } from './frame/SaidVerdict';
import { usePointedAt } from '../parts/pointedAt';
import { STATION_VIEWS } from './stationViews';
import { usePlan } from '../store/context';
import { useWiring } from '../parts/useWiring';
import { WireEntry } from '../stations/wire/wireLineViews';
import css from './DoorSheet.module.css';

/** Whether a station shows what comes of the plan: of a site of which something is missing only what is planned is shown. */
const IS_JUDGED: Record<StationId, boolean> = {
  brief: false,
  wire: false,
  power: true,
  prove: true,
  program: false,
  timing: true,
  test: true,
  'hand-over': true,
};

/** What comes behind the sheet, and is waited for before the page counts as alive. */
const BEHIND: readonly Behind[] = [Bench];
const BEHIND_WIRE: readonly Behind[] = [Bench, WireEntry];

interface Props {
  readonly door: Door;
  readonly station: StationId;
  readonly verdict: DoorVerdict | null;
  readonly benchShown: boolean;
  readonly wireFocus: number;
  onVerdicts(): void;
  /** Verdicts, beside the sheet. */
  readonly margin: ReactNode;
}

/** One door at one station: job line, sheet, and the bench below. */
export function DoorSheet({ door, station, verdict, benchShown, wireFocus, onVerdicts, margin }: Props) {
  const plan = usePlan();
  // The bench may follow a moment later: its circuit costs more than the edit that changed it.
  const bench = useBench(useDeferredValue(plan), door.id);
  const wiring = useWiring(door.id);
  const { world, state } = bench;
  const live = useMemo(
    () => liveView(world.netlist, state.point, state.cut, lockStatuses(world, state.point), HOLD_SHORT),
    [world, state],
  );
  const { chosenWire, remove } = wiring;
  usePointedAt((id) => findIn(plan.conductors, id) && wiring.chooseWire(id), `${door.id} ${station}`);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement && /^(input|select|textarea)$/i.test(event.target.tagName);
      if (event.key !== 'Delete' || typing || chosenWire === null) return;
      event.preventDefault();
      remove(chosenWire);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [chosenWire, remove]);

  const open = verdict?.summary.toSettle ?? 0;
  const incomplete = useIncomplete();
  const View = STATION_VIEWS[station];
  return (
    <div className={css['desk']}>
      <main className={css['main']}>
        <SaidVerdict verdict={verdict} />
        <JobLine door={door.id} station={station} marks={verdict?.marks ?? null} />
        <div className={css['narrow']}>
          <Button size="s" look={open > 0 ? 'stop' : 'plain'} onClick={onVerdicts}>
            {open > 0 ? say.verdictsToSettle(open) : say.verdicts}
          </Button>
        </div>
        <Suspense fallback={<p className={css['wait']}>{say.oneMoment}</p>}>
          {incomplete && IS_JUDGED[station] ? (
            <Empty title={say.notJudgedWhileDatabase(door.id)}>{say.somethingSiteMissingFile}</Empty>
          ) : (
            <View key={station} {...{ door, verdict, bench, wiring, live }} focusCount={wireFocus} />
          )}
          <Alive behind={station === 'wire' ? BEHIND_WIRE : BEHIND} />
        </Suspense>
      </main>
      {margin}
      {benchShown && !incomplete && (
        <Suspense fallback={<section className={css['benchRoom']} aria-label={say.bench} />}>
          <Bench bench={bench} plan={plan} />
        </Suspense>
      )}
    </div>
  );
}
