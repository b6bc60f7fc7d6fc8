import type { CalendarRead } from '#core/formats/icalendar/readCalendar';
import type { Calendar } from '#core/plan/index';
import { dayWords } from '#words/access';
import { say } from '#words/sitePages/access/TakenIn';
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
    <Dialog open onOpenChange={(open) => !open && onClose()} title={say.daysOffIn(file)}>
      {!read.ok ? (
        <p role="alert">{say.noIcalendarFileCan(read.line)}</p>
      ) : (
        <div className={css['preview']}>
          <p>
            {read.days.length === 1 ? '1 entry' : say.entries(read.days.length)}
            {read.leftOut.length > 0 ? say.leftOut(read.leftOut.length) : ''}.
            {read.writtenOutTo && say.daysMoveYearYear(dayWords(read.writtenOutTo))}
          </p>
          <ul className={css['list']}>
            {read.days.slice(0, 200).map((off, index) => (
              <li key={index}>
                <b>{off.name}</b> {rangeWords(off)}
              </li>
            ))}
            {read.days.length > 200 && <li>{say.andMore(read.days.length - 200)}</li>}
          </ul>
          {read.leftOut.length > 0 && (
            <p>
              {say.leftOut2(
                read.leftOut
                  .slice(0, 8)
                  .map(({ name, why }) => `${name} (${LEFT_OUT[why]})`)
                  .join(', '),
                read.leftOut.length,
                read.leftOut.length - 8,
              )}
            </p>
          )}
          <p className={css['tools']}>
            <Button look="main" data-first disabled={read.days.length === 0} onClick={() => onAdd(read)}>
              {say.addAsACalendar}
            </Button>
            {calendars.map((calendar) => (
              <Button
                key={calendar.id}
                disabled={read.days.length === 0}
                onClick={() => onReplace(calendar, read)}
              >
                {say.replace(calendar.name)}
              </Button>
            ))}
          </p>
        </div>
      )}
    </Dialog>
  );
}

const LEFT_OUT = {
  'has-hours': say.notAWholeDay,
  'no-day': say.noDay,
  'too-many': say.moreThan1000,
} as const;
