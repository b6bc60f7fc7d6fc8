import { memo } from 'react';
import Plus from 'lucide-react/icons/plus';
import { doorsInOrder, type Door } from '#core/plan/index';
import type { StationId } from '#core/checks/index';
import type { DoorSummary } from '#core/verdict/index';
import { say } from '#words/app/frame/Ledger';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { DeadStateGlyph } from '../../ui/glyphs';
import { PAGE_NAMES, routePath, SITE_PAGES, type Route } from '../../parts/route';
import { useNavigate } from '../../parts/navigation';
import { DoorMark, useAddDoor } from '../../parts/doors';
import { usePlan } from '../../store/context';
import css from './Ledger.module.css';

interface Props {
  readonly door: string | null;
  readonly station: StationId;
  readonly summaries: Readonly<Record<string, DoorSummary>>;
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
        <span className={css['name']}>{door.name || say.unnamedDoor}</span>
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
    <nav className={css['ledger']} aria-label={say.doors}>
      {/* The page's own heading is the first. */}
      <p className={css['head']}>
        {say.doors} <span>{doors.length}</span>
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
          {say.addADoor}
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
          {say.allDoors}
        </a>
      </div>
      <ul className={css['pages']} aria-label={say.pagesOfTheSite}>
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
        <DeadStateGlyph state="fail-safe" /> {say.opensWhenDead}
        <br />
        <DeadStateGlyph state="fail-secure" /> {say.staysLockedWhenDead}
      </p>
    </nav>
  );
}
