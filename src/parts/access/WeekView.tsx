import ChevronLeft from 'lucide-react/icons/chevron-left';
import ChevronRight from 'lucide-react/icons/chevron-right';
import { useEffect, useMemo, useState } from 'react';
import {
  addDays,
  mondayOf,
  weekOfDoor,
  weekOfPerson,
  type Bar,
  type Moment,
  type Span,
} from '#core/access/index';
import type { ClockChange } from '#core/access/clock';
import { doorsInOrder, findIn, grantsAt, type Plan } from '#core/plan/index';
import { clockWords, dayWords, longWeekdayWords, ruleWords, spansWords, weekdayWords } from '#words/access';
import { say } from '#words/parts/access/WeekView';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { usePlan } from '../../store/context';
import css from './Week.module.css';

/** One bar of a day: what it is called, when, and how it is drawn. */
interface Lane {
  readonly key: string;
  readonly name: string;
  readonly spans: readonly Span[];
  /** 0 for free passage, then by level. */
  readonly tone: number;
  readonly why: string | null;
}

interface Day {
  readonly day: string;
  readonly off: readonly string[];
  readonly lanes: readonly Lane[];
}

/** A week of a door, or of a person; of the one that is named, or of any. Opens on today's. */
export function WeekView({ now, only }: { now: Moment | null; only?: string }) {
  const plan = usePlan();
  const doors = doorsInOrder(plan);
  const people = useMemo(
    () => Object.values(plan.people).sort((a, b) => a.name.localeCompare(b.name)),
    [plan.people],
  );
  const [of, setOf] = useState<string | null>(null);
  const [from, setFrom] = useState<string | null>(null);
  // The first door that opens by hours has the most to show.
  const first =
    doors.find(({ id }) => Object.values(plan.levels).some((level) => grantsAt(level, id).length > 0)) ??
    doors[0];
  const chosen = only ?? of ?? say.door(first?.id ?? '');
  const monday = from ?? (now ? mondayOf(now.day) : null);
  const changes = useClockChanges(plan.site.timeZone, monday);
  const days = useMemo(() => (monday === null ? null : daysOf(plan, chosen, monday)), [plan, chosen, monday]);
  if (doors.length === 0) return <Empty title={say.noDoorsYet}>{say.whoOpensThemWhen}</Empty>;
  if (monday === null || days === null) return <p>{say.oneMoment}</p>;
  const title = titleOf(plan, chosen);
  return (
    <section className={css['week']} aria-label={say.aWeek} data-print="week">
      <header className={css['head']}>
        <h2>{title}</h2>
        {only === undefined && (
          <label data-noprint>
            <span className="hush">{say.whoseWeek}</span>
            <select value={chosen} onChange={(event) => setOf(event.target.value)}>
              <optgroup label={say.doors}>
                {doors.map(({ id, name }) => (
                  <option key={id} value={`door ${id}`}>
                    {id} {name}
                  </option>
                ))}
              </optgroup>
              <optgroup label={say.people}>
                {people.map(({ id, name }) => (
                  <option key={id} value={`person ${id}`}>
                    {name}
                  </option>
                ))}
              </optgroup>
            </select>
          </label>
        )}
        <span className={css['turn']} data-noprint>
          <Button
            size="s"
            aria-label={say.theWeekBefore}
            icon={<ChevronLeft aria-hidden />}
            onClick={() => setFrom(addDays(monday, -7))}
          />
          <input
            type="date"
            aria-label={say.weekOf}
            value={monday}
            onChange={(event) => event.target.value !== '' && setFrom(mondayOf(event.target.value))}
          />
          <Button
            size="s"
            aria-label={say.theWeekAfter}
            icon={<ChevronRight aria-hidden />}
            onClick={() => setFrom(addDays(monday, 7))}
          />
        </span>
      </header>
      <div className={css['scale']} aria-hidden>
        {[0, 2, 4, 6, 8, 10, 12, 14, 16, 18, 20, 22, 24].map((hour) => (
          <span key={hour} style={{ left: `${(hour / 24) * 100}%` }}>
            {String(hour).padStart(2, '0')}
          </span>
        ))}
      </div>
      <ol className={css['days']}>
        {days.map((day, index) => (
          <DayRow
            key={day.day}
            day={day}
            weekday={index + 1}
            today={now?.day === day.day ? now.minute : null}
            change={changes.find((one) => one.day === day.day) ?? null}
          />
        ))}
      </ol>
      {days.every(({ lanes }) => lanes.every(({ spans }) => spans.length === 0)) && (
        <p className={css['none']}>
          {chosen.startsWith('door') ? say.nobodyOpensDoorWeek : say.opensNoDoorWeek}
        </p>
      )}
    </section>
  );
}

const titleOf = (plan: Plan, chosen: string): string => {
  const [kind, id] = split(chosen);
  if (kind === 'person') return say.whichDoorsWhen(findIn(plan.people, id)?.name ?? '');
  const door = findIn(plan.doors, id);
  return say.whoMayOpenItWhen(id, door?.name ?? '');
};

const split = (chosen: string): [string, string] => {
  const at = chosen.indexOf(' ');
  return [chosen.slice(0, at), chosen.slice(at + 1)];
};

function daysOf(plan: Plan, chosen: string, monday: string): Day[] {
  const [kind, id] = split(chosen);
  const person = findIn(plan.people, id);
  if (kind === 'person' && person)
    return weekOfPerson(plan, person, monday).map(({ day, off, doors }) => ({
      day,
      off,
      lanes: doors
        .filter(({ spans }) => spans.length > 0)
        .map(({ door, spans }, index) => ({
          key: door,
          name: `${door} ${findIn(plan.doors, door)?.name ?? ''}`,
          spans,
          tone: 1 + (index % 4),
          why: null,
        })),
    }));
  const door = findIn(plan.doors, id);
  if (!door) return [];
  return weekOfDoor(plan, door, monday).map(({ day, off, bars }) => ({
    day,
    off,
    lanes: bars.map((bar, index) => laneOf(plan, bar, index)),
  }));
}

function laneOf(plan: Plan, { of, spans, instead }: Bar, index: number): Lane {
  const why = instead
    ? of.kind === 'free'
      ? say.hoursSayDayOff
      : ruleWords(plan, instead, spans.length > 0)
    : null;
  switch (of.kind) {
    case 'free':
      return { key: 'free', name: say.freePassage, spans, tone: 0, why };
    case 'names':
      return { key: 'names', name: say.byName, spans, tone: 4, why };
    case 'level':
      return {
        key: of.level,
        name: findIn(plan.levels, of.level)?.name ?? of.level,
        spans,
        tone: 1 + (index % 3),
        why,
      };
  }
}

function DayRow({
  day: { day, off, lanes },
  weekday,
  today,
  change,
}: {
  day: Day;
  weekday: number;
  today: number | null;
  change: ClockChange | null;
}) {
  const shut = off.length > 0 && lanes.some(({ spans, why }) => spans.length === 0 && why !== null);
  const told = lanes.map(({ name, spans, why }) => `${name}: ${spansWords(spans)}${why ? ` (${why})` : ''}`);
  return (
    <li className={css['day']} data-today={today !== null || undefined}>
      <p className={css['date']}>
        <b>{weekdayWords(weekday)}</b>
        <span>{dayWords(day)}</span>
        <span className="hush">
          {longWeekdayWords(weekday)}. {told.join('. ') || say.nobody}.
        </span>
      </p>
      <div className={css['lanes']} data-off={off.length > 0 || undefined} aria-hidden>
        {lanes.map(({ key, name, spans, tone, why }) => (
          <div key={key} className={css['lane']}>
            {spans.map((span) => (
              <span
                key={span.from}
                className={css['bar']}
                data-tone={tone}
                style={{
                  left: `${(span.from / 1440) * 100}%`,
                  width: `${((span.to - span.from) / 1440) * 100}%`,
                }}
                title={`${name}, ${spansWords([span])}${why ? `. ${why}` : ''}`}
              >
                {name}
              </span>
            ))}
          </div>
        ))}
        {today !== null && <i className={css['now']} style={{ left: `${(today / 1440) * 100}%` }} />}
      </div>
      {(off.length > 0 || change) && (
        <p className={css['off']}>
          {off.join(', ')}
          {shut
            ? ': ' +
              lanes
                .filter(({ spans, why }) => spans.length === 0 && why)
                .map(({ name }) => name)
                .join(', ') +
              say.shutOut
            : ''}
          {change && <span>{say.theClockGoesFromTo(clockWords(change.at), clockWords(change.to))}</span>}
        </p>
      )}
    </li>
  );
}

/** Changes of the clock in a week, where the site says in which zone it lies. */
function useClockChanges(zone: string, monday: string | null): readonly ClockChange[] {
  const [found, setFound] = useState<readonly ClockChange[]>([]);
  useEffect(() => {
    if (zone === '' || monday === null) return setFound([]);
    let gone = false;
    void import('#core/access/clock').then(({ clockChanges, isTimeZone }) => {
      if (!gone) setFound(isTimeZone(zone) ? clockChanges(zone, monday, 7) : []);
    });
    return () => {
      gone = true;
    };
  }, [zone, monday]);
  return found;
}
