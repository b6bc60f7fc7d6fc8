import { useEffect, useRef } from 'react';
import type { StationId } from '#core/checks/index';
import { STATIONS } from '#core/checks/stations';
import type { StationMark } from '#core/verdict/index';
import { STATION_NAMES } from '#words/findings/index';
import { say } from '#words/app/frame/JobLine';
import { cx } from '../../ui/cx';
import { routePath } from '../../parts/route';
import { useNavigate } from '../../parts/navigation';
import { usePlan } from '../../store/context';
import css from './JobLine.module.css';

const MARKS: Record<StationMark, string> = {
  settled: say.settled,
  'to-settle': say.somethingToSettle,
  'to-consider': say.somethingToConsider,
  begun: say.begun,
  'not-begun': say.notBegun,
};

interface Props {
  readonly door: string;
  readonly station: StationId;
  readonly marks: Readonly<Record<StationId, StationMark>> | null;
}

/** The eight stations in the order of the work. */
export function JobLine({ door, station, marks }: Props) {
  const plan = usePlan();
  const go = useNavigate();
  const line = useRef<HTMLElement>(null);
  // At phone width the line scrolls: the present station must be in sight.
  useEffect(() => {
    const now = line.current?.querySelector<HTMLElement>('[aria-current]');
    // Not by `scrollIntoView`: Tab would begin behind it, and no longer at the head of the page.
    if (line.current && now)
      line.current.scrollLeft = now.offsetLeft - (line.current.clientWidth - now.offsetWidth) / 2;
  }, [station]);
  return (
    <nav aria-label={say.stations} className={css['line']} ref={line}>
      {STATIONS.map((one, index) => {
        const mark = marks?.[one] ?? 'not-begun';
        const to = { kind: 'door', door, station: one } as const;
        return (
          <a
            key={one}
            href={routePath(plan.site.id, to)}
            className={cx(css['station'], css[mark], one === station && css['now'])}
            aria-current={one === station ? 'step' : undefined}
            title={`${STATION_NAMES[one]}: ${MARKS[mark]} (${index + 1})`}
            onClick={(event) => {
              if (event.metaKey || event.ctrlKey) return;
              event.preventDefault();
              go(to);
            }}
          >
            <i aria-hidden />
            {STATION_NAMES[one]}
            <span className="hush">, {MARKS[mark]}</span>
          </a>
        );
      })}
    </nav>
  );
}
