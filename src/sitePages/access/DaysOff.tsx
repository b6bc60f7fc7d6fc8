import Plus from 'lucide-react/icons/plus';
import Upload from 'lucide-react/icons/upload';
import { useRef, useState } from 'react';
import type { CalendarRead } from '#core/formats/icalendar/readCalendar';
import type { DayOff } from '#core/plan/index';
import { say } from '#words/sitePages/access/DaysOff';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import { inOrder } from '../../parts/access/inOrder';
import css from '../../parts/access/Access.module.css';
import { TakenIn } from './TakenIn';
import { CalendarCard } from './CalendarCard';

/** Calendars of days on which other hours hold; iCalendar in and out. */
export function DaysOff() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const calendars = inOrder(plan.calendars);
  const [read, setRead] = useState<{ file: string; result: CalendarRead } | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const add = (name: string, days: readonly DayOff[]) =>
    dispatch(
      {
        kind: 'addCalendar',
        calendar: { id: newId(), name, order: calendars.length, days },
      },
      say.add(name),
    );
  const open = async (chosen: File | undefined) => {
    if (!chosen) return;
    const { readCalendar } = await import('#core/formats/icalendar/readCalendar');
    setRead({ file: chosen.name, result: readCalendar(await chosen.text()) });
  };
  const tools = (
    <p className={css['tools']}>
      <Button
        size="s"
        icon={<Plus aria-hidden />}
        onClick={() =>
          add(calendars.length === 0 ? say.publicHolidays : say.calendar(calendars.length + 1), [])
        }
      >
        {say.calendar2}
      </Button>
      <Button size="s" icon={<Upload aria-hidden />} onClick={() => file.current?.click()}>
        {say.fromAnIcalendarFile}
      </Button>
      <input
        ref={file}
        type="file"
        accept=".ics,text/calendar"
        className="hush"
        tabIndex={-1}
        aria-label={say.icalendarFile}
        onChange={(event) => {
          void open(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
    </p>
  );
  return (
    <div className={css['cards']}>
      {calendars.length === 0 && (
        <Empty title={say.noDaysOffYet} action={tools}>
          {say.dayOffOtherHours}
        </Empty>
      )}
      {calendars.map((calendar) => (
        <CalendarCard key={calendar.id} calendar={calendar} />
      ))}
      {calendars.length > 0 && tools}
      {read && (
        <TakenIn
          read={read.result}
          file={read.file}
          calendars={calendars}
          onClose={() => setRead(null)}
          onAdd={(found) => {
            add((found.name || read.file.replace(/\.ics$/i, '')).slice(0, 80) || say.calendar2, found.days);
            setRead(null);
          }}
          onReplace={(calendar, found) => {
            dispatch(
              { kind: 'setCalendar', id: calendar.id, patch: { days: found.days } },
              say.replaceTheDaysOf(calendar.name),
              say.nowEntriesUndoBrings(calendar.name, found.days.length),
            );
            setRead(null);
          }}
        />
      )}
    </div>
  );
}
