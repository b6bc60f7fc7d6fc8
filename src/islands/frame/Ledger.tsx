import { memo } from 'react';
import Plus from 'lucide-react/icons/plus';
import { blankDoor, doorsInOrder, nextDoorId, type Door } from '#core/plan/index';
import type { StationId } from '#core/checks/index';
import type { DoorSummary } from '#core/verdict/index';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { DeadStateGlyph } from '../../ui/glyphs';
import { PAGE_NAMES, routePath, SITE_PAGES, type Route } from '../route';
import { useNavigate } from '../navigation';
import { usePlan, useStore } from '../store/context';
import css from './Ledger.module.css';

interface Props {
  readonly door: string | null;
  readonly station: StationId;
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

/** Adds a door and opens its brief. */
export function useAddDoor(): () => void {
  const store = useStore();
  const go = useNavigate();
  return () => {
    const { plan } = store.getState();
    const id = nextDoorId(plan);
    const order = Math.max(0, ...Object.values(plan.doors).map((door) => door.order)) + 1;
    if (store.dispatch({ kind: 'addDoor', door: blankDoor(id, order) }, 'add a door'))
      go({ kind: 'door', door: id, station: 'brief' });
  };
}

/** What the ledger says of a door: a figure to settle, a tick, or that it is being judged. */
export function DoorMark({ summary }: { summary: DoorSummary | undefined }) {
  if (summary && !summary.judged)
    return (
      <span className={css['bad']} aria-label="could not be judged">
        ?
      </span>
    );
  if (!summary) return <span aria-label="being judged">…</span>;
  if (!summary.begun) return <span aria-label="not begun">—</span>;
  if (summary.toSettle > 0) {
    return (
      <span className={css['bad']} aria-label={`${summary.toSettle} to settle`}>
        {summary.toSettle}
      </span>
    );
  }
  const caution = summary.worst === 'caution';
  return (
    <span
      className={css[caution ? 'caution' : 'good']}
      aria-label={caution ? 'cautions only' : 'nothing to settle'}
    >
      {caution ? '!' : '✓'}
    </span>
  );
}

interface RowProps {
  readonly site: string;
  readonly door: Door;
  readonly station: StationId;
  readonly on: boolean;
  readonly summary: DoorSummary | undefined;
  readonly go: (route: Route) => void;
}

/** A door in the ledger. There may be hundreds: one is drawn anew only where something of it is another. */
const LedgerRow = memo(function LedgerRow({ site, door, station, on, summary, go }: RowProps) {
  const route: Route = { kind: 'door', door: door.id, station };
  return (
    <li>
      <a
        href={routePath(site, route)}
        className={cx(css['row'], on && css['on'])}
        aria-current={on ? 'true' : undefined}
        onClick={(event) => {
          if (event.metaKey || event.ctrlKey) return;
          event.preventDefault();
          go(route);
        }}
      >
        <span className={css['tag']}>{door.id}</span>
        <span className={css['name']}>{door.name || 'Unnamed door'}</span>
        <DeadStateGlyph state={door.deadState?.state ?? null} />
        <span className={css['verdict']}>
          <DoorMark summary={summary} />
        </span>
      </a>
    </li>
  );
});

export function Ledger({ door, station, summaries }: Props) {
  const plan = usePlan();
  const go = useNavigate();
  const add = useAddDoor();
  const doors = doorsInOrder(plan);
  return (
    <nav className={css['ledger']} aria-label="Doors">
      {/* The page's own heading is the first. */}
      <p className={css['head']}>
        Doors <span>{doors.length}</span>
      </p>
      <ul>
        {doors.map((one) => (
          <LedgerRow
            key={one.id}
            site={plan.site.id}
            door={one}
            station={station}
            on={one.id === door}
            summary={summaries[one.id]}
            go={go}
          />
        ))}
      </ul>
      <div className={css['add']}>
        <Button size="s" look="quiet" icon={<Plus aria-hidden />} onClick={add}>
          Add a door
        </Button>
        <a
          className={css['all']}
          href={routePath(plan.site.id, { kind: 'page', page: 'doors' })}
          onClick={(event) => {
            if (event.metaKey || event.ctrlKey) return;
            event.preventDefault();
            go({ kind: 'page', page: 'doors' });
          }}
        >
          All doors
        </a>
      </div>
      <ul className={css['pages']} aria-label="Pages of the site">
        {SITE_PAGES.filter((page) => page !== 'doors').map((page) => (
          <li key={page}>
            <a
              href={routePath(plan.site.id, { kind: 'page', page })}
              onClick={(event) => {
                if (event.metaKey || event.ctrlKey) return;
                event.preventDefault();
                go({ kind: 'page', page });
              }}
            >
              {PAGE_NAMES[page]}
            </a>
          </li>
        ))}
      </ul>
      <p className={css['legend']}>
        <DeadStateGlyph state="fail-safe" /> opens when dead
        <br />
        <DeadStateGlyph state="fail-secure" /> stays locked when dead
      </p>
    </nav>
  );
}
