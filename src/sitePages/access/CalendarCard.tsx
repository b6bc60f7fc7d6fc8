import Download from 'lucide-react/icons/download';
import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import { addDays } from '#core/access/index';
import type { Calendar, DayOff } from '#core/plan/index';
import { dayWords } from '#words/access';
import { say } from '#words/sitePages/access/CalendarCard';
import { Button } from '../../ui/Button';
import { useDispatch, usePlan } from '../../store/context';
import { NameField } from '../../parts/access/NameField';
import { saveFile } from './saveFile';
import { wallNow } from '../../parts/moments/today';
import css from '../../parts/access/Access.module.css';

export const rangeWords = ({ from, to, yearly }: DayOff): string =>
  `${from === to ? dayWords(from) : say.to(dayWords(from), dayWords(to))}${yearly ? say.everyYear : ''}`;

export function CalendarCard({ calendar }: { calendar: Calendar }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const set = (patch: Partial<Omit<Calendar, 'id'>>) =>
    dispatch({ kind: 'setCalendar', id: calendar.id, patch }, say.change(calendar.name));
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
        <NameField label={say.nameOfTheCalendar} value={calendar.name} onKeep={(name) => set({ name })} />
        <span className={css['count']}>
          {minded.length === 0
            ? say.noHoursMindItYet
            : say.mindedBy(minded.map(({ name }) => name).join(', '))}
        </span>
        <Button
          size="s"
          look="quiet"
          aria-label={say.saveAsAnIcalendarFile(calendar.name)}
          icon={<Download aria-hidden />}
          onClick={() => void save()}
        />
        <Button
          size="s"
          look="quiet"
          aria-label={say.remove(calendar.name)}
          icon={<Trash2 aria-hidden />}
          onClick={() => dispatch({ kind: 'removeCalendar', id: calendar.id }, say.remove2(calendar.name))}
        />
      </header>
      <ul className={css['rows']}>
        {calendar.days.map((off, index) => (
          <li key={index}>
            <NameField
              label={say.nameOfDay(index + 1)}
              value={off.name}
              onKeep={(name) => setDay(index, { name })}
            />
            <input
              type="date"
              aria-label={say.firstDayOf(off.name)}
              value={off.from}
              onChange={({ target: { value } }) =>
                value !== '' && setDay(index, { from: value, to: off.to < value ? value : off.to })
              }
            />
            <input
              type="date"
              aria-label={say.lastDayOf(off.name)}
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
              {say.everyYear2}
            </label>
            <Button
              size="s"
              look="quiet"
              aria-label={say.remove3(off.name)}
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
            set({ days: [...calendar.days, { name: say.dayOff, from, to: from, yearly: false }] });
          }}
        >
          {say.day}
        </Button>
      </footer>
    </section>
  );
}
