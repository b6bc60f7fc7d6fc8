import Plus from 'lucide-react/icons/plus';
import Upload from 'lucide-react/icons/upload';
import { useRef, useState } from 'react';
import type { CalendarRead } from '#core/formats/icalendar/readCalendar';
import type { DayOff } from '#core/plan/index';
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
      `add ${name}`,
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
          add(calendars.length === 0 ? 'Public holidays' : `Calendar ${calendars.length + 1}`, [])
        }
      >
        Calendar
      </Button>
      <Button size="s" icon={<Upload aria-hidden />} onClick={() => file.current?.click()}>
        From an iCalendar file
      </Button>
      <input
        ref={file}
        type="file"
        accept=".ics,text/calendar"
        className="hush"
        tabIndex={-1}
        aria-label="iCalendar file"
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
        <Empty title="No days off yet" action={tools}>
          On a day off other hours hold: none, or shorter ones. Which hours mind which calendar is said at
          Hours.
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
            add((found.name || read.file.replace(/\.ics$/i, '')).slice(0, 80) || 'Calendar', found.days);
            setRead(null);
          }}
          onReplace={(calendar, found) => {
            dispatch(
              { kind: 'setCalendar', id: calendar.id, patch: { days: found.days } },
              `replace the days of ${calendar.name}`,
              `${calendar.name} now has ${found.days.length} entries. Undo brings the ones before back.`,
            );
            setRead(null);
          }}
        />
      )}
    </div>
  );
}
