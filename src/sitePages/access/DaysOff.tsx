import Download from 'lucide-react/icons/download';
import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import Upload from 'lucide-react/icons/upload';
import { useRef, useState } from 'react';
import { addDays } from '#core/access/index';
import type { CalendarRead } from '#core/formats/icalendar/readCalendar';
import type { Calendar, DayOff } from '#core/plan/index';
import { dayWords } from '#words/access';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { Empty } from '../../ui/Empty';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import { inOrder } from '../../parts/access/inOrder';
import { NameField } from '../../parts/access/NameField';
import { saveFile } from './saveFile';
import { wallNow } from '../../parts/moments/today';
import css from '../../parts/access/Access.module.css';

type Read = Extract<CalendarRead, { ok: true }>;

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

/** What was read from a file, before anything is changed. */
function TakenIn({
  read,
  file,
  calendars,
  onClose,
  onAdd,
  onReplace,
}: {
  read: CalendarRead;
  file: string;
  calendars: readonly Calendar[];
  onClose(): void;
  onAdd(found: Read): void;
  onReplace(calendar: Calendar, found: Read): void;
}) {
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={`Days off in ${file}`}>
      {!read.ok ? (
        <p role="alert">
          This is no iCalendar file that can be read{read.line ? `: ${read.line}` : ''}. Nothing was changed.
        </p>
      ) : (
        <div className={css['preview']}>
          <p>
            {read.days.length === 1 ? '1 entry' : `${read.days.length} entries`}
            {read.leftOut.length > 0 ? `, ${read.leftOut.length} left out` : ''}.
            {read.writtenOutTo &&
              ` Days that move from year to year are written out to ${dayWords(read.writtenOutTo)}.`}
          </p>
          <ul className={css['list']}>
            {read.days.slice(0, 200).map((off, index) => (
              <li key={index}>
                <b>{off.name}</b> {rangeWords(off)}
              </li>
            ))}
            {read.days.length > 200 && <li>and {read.days.length - 200} more</li>}
          </ul>
          {read.leftOut.length > 0 && (
            <p>
              Left out:{' '}
              {read.leftOut
                .slice(0, 8)
                .map(({ name, why }) => `${name} (${LEFT_OUT[why]})`)
                .join(', ')}
              {read.leftOut.length > 8 ? ` and ${read.leftOut.length - 8} more` : ''}.
            </p>
          )}
          <p className={css['tools']}>
            <Button look="main" data-first disabled={read.days.length === 0} onClick={() => onAdd(read)}>
              Add as a calendar
            </Button>
            {calendars.map((calendar) => (
              <Button
                key={calendar.id}
                disabled={read.days.length === 0}
                onClick={() => onReplace(calendar, read)}
              >
                Replace {calendar.name}
              </Button>
            ))}
          </p>
        </div>
      )}
    </Dialog>
  );
}

const LEFT_OUT = {
  'has-hours': 'not a whole day',
  'no-day': 'no day',
  'too-many': 'more than 1000',
} as const;

const rangeWords = ({ from, to, yearly }: DayOff): string =>
  `${from === to ? dayWords(from) : `${dayWords(from)} to ${dayWords(to)}`}${yearly ? ', every year' : ''}`;

function CalendarCard({ calendar }: { calendar: Calendar }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const set = (patch: Partial<Omit<Calendar, 'id'>>) =>
    dispatch({ kind: 'setCalendar', id: calendar.id, patch }, `change ${calendar.name}`);
  const setDay = (at: number, patch: Partial<DayOff>) =>
    set({ days: calendar.days.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const minded = Object.values(plan.hours).filter(({ holidays }) =>
    holidays.some((one) => one.calendar === calendar.id),
  );
  const save = async () => {
    const { writeCalendar } = await import('#core/formats/icalendar/writeCalendar');
    const text = writeCalendar(calendar, plan.site.id, new Date().toISOString().slice(0, 19) + 'Z');
    saveFile(
      `${plan.site.id}-${calendar.name.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.ics`,
      'text/calendar',
      text,
    );
  };
  const last = calendar.days
    .map(({ to }) => to)
    .sort()
    .at(-1);
  return (
    <section className={css['card']} aria-label={calendar.name}>
      <header className={css['cardHead']}>
        <NameField label="Name of the calendar" value={calendar.name} onKeep={(name) => set({ name })} />
        <span className={css['count']}>
          {minded.length === 0
            ? 'no hours mind it yet'
            : `minded by ${minded.map(({ name }) => name).join(', ')}`}
        </span>
        <Button
          size="s"
          look="quiet"
          aria-label={`Save ${calendar.name} as an iCalendar file`}
          icon={<Download aria-hidden />}
          onClick={() => void save()}
        />
        <Button
          size="s"
          look="quiet"
          aria-label={`Remove ${calendar.name}`}
          icon={<Trash2 aria-hidden />}
          onClick={() => dispatch({ kind: 'removeCalendar', id: calendar.id }, `remove ${calendar.name}`)}
        />
      </header>
      <ul className={css['rows']}>
        {calendar.days.map((off, index) => (
          <li key={index}>
            <NameField
              label={`Name of day ${index + 1}`}
              value={off.name}
              onKeep={(name) => setDay(index, { name })}
            />
            <input
              type="date"
              aria-label={`First day of ${off.name}`}
              value={off.from}
              onChange={({ target: { value } }) =>
                value !== '' && setDay(index, { from: value, to: off.to < value ? value : off.to })
              }
            />
            <input
              type="date"
              aria-label={`Last day of ${off.name}`}
              value={off.to}
              min={off.from}
              onChange={({ target: { value } }) =>
                value !== '' && value >= off.from && setDay(index, { to: value })
              }
            />
            <label className={css['check']}>
              <input
                type="checkbox"
                checked={off.yearly}
                onChange={(event) => setDay(index, { yearly: event.target.checked })}
              />
              every year
            </label>
            <Button
              size="s"
              look="quiet"
              aria-label={`Remove ${off.name}`}
              icon={<Trash2 aria-hidden />}
              onClick={() => set({ days: calendar.days.filter((_, at) => at !== index) })}
            />
          </li>
        ))}
      </ul>
      <footer className={css['cardFoot']}>
        <Button
          size="s"
          look="quiet"
          icon={<Plus aria-hidden />}
          onClick={() => {
            const from = last ? addDays(last, 1) : wallNow().day;
            set({ days: [...calendar.days, { name: 'Day off', from, to: from, yearly: false }] });
          }}
        >
          Day
        </Button>
      </footer>
    </section>
  );
}
