import { blankDoor, nextDoorId } from '#core/plan/index';
import type { DoorSummary } from '#core/verdict/index';
import { say } from '#words/parts/doors';
import { useNavigate } from './navigation';
import { useStore } from '../store/context';
import css from './doors.module.css';

/** Adds a door and opens its brief. */
export function useAddDoor(): () => void {
  const store = useStore();
  const go = useNavigate();
  return () => {
    const { plan } = store.getState();
    const id = nextDoorId(plan);
    const order = Math.max(0, ...Object.values(plan.doors).map((door) => door.order)) + 1;
    if (store.dispatch({ kind: 'addDoor', door: blankDoor(id, order) }, say.addADoor))
      go({ kind: 'door', door: id, station: 'brief' });
  };
}

/** What the ledger says of a door: a figure to settle, a tick, or that it is being judged. */
export function DoorMark({ summary }: { summary: DoorSummary | undefined }) {
  if (summary && !summary.judged)
    return (
      <span className={css['bad']} aria-label={say.couldNotBeJudged}>
        ?
      </span>
    );
  if (!summary) return <span aria-label={say.beingJudged}>…</span>;
  if (!summary.begun) return <span aria-label={say.notBegun}>—</span>;
  if (summary.toSettle > 0) {
    return (
      <span className={css['bad']} aria-label={say.toSettle(summary.toSettle)}>
        {summary.toSettle}
      </span>
    );
  }
  const caution = summary.worst === 'caution';
  return (
    <span
      className={css[caution ? 'caution' : 'good']}
      aria-label={caution ? say.cautionsOnly : say.nothingToSettle}
    >
      {caution ? '!' : '✓'}
    </span>
  );
}
