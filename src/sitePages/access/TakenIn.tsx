import type { CalendarRead } from '#core/formats/icalendar/readCalendar';
import type { Calendar } from '#core/plan/index';
import { dayWords } from '#words/access';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import css from '../../parts/access/Access.module.css';
import { rangeWords } from './CalendarCard';

export type Read = Extract<CalendarRead, { ok: true }>;

/** What was read from a file, before anything is changed. */
export function TakenIn({
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
