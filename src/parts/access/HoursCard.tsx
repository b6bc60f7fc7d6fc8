import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import { type Hours, type HoursRow } from '#core/plan/index';
import { weekdayWords } from '#words/access';
import { say } from '#words/parts/access/HoursCard';
import { Button } from '../../ui/Button';
import { useDispatch, usePlan } from '../../store/context';
import { inOrder } from './inOrder';
import { NameField } from './NameField';
import { SpansField, TimesField } from './SpansField';
import css from './Access.module.css';

export function HoursCard({ hours }: { hours: Hours }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const calendars = inOrder(plan.calendars);
  const set = (patch: Partial<Omit<Hours, 'id'>>) =>
    dispatch({ kind: 'setHours', id: hours.id, patch }, say.change(hours.name));
  const setRow = (at: number, patch: Partial<HoursRow>) =>
    set({ rows: hours.rows.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const unnamed = calendars.filter(({ id }) => !hours.holidays.some(({ calendar }) => calendar === id));
  return (
    <section className={css['card']} aria-label={hours.name}>
      <header className={css['cardHead']}>
        <NameField label={say.nameOfTheHours} value={hours.name} onKeep={(name) => set({ name })} />
        <Button
          size="s"
          look="quiet"
          aria-label={say.remove(hours.name)}
          icon={<Trash2 aria-hidden />}
          onClick={() => dispatch({ kind: 'removeHours', id: hours.id }, say.remove2(hours.name))}
        />
      </header>
      <ul className={css['rows']}>
        {hours.rows.map((row, index) => (
          <li key={index}>
            <span className={css['weekdays']} role="group" aria-label={say.daysOfRow(index + 1)}>
              {[1, 2, 3, 4, 5, 6, 7].map((day) => (
                <button
                  key={day}
                  type="button"
                  className={css['chip']}
                  aria-pressed={row.days.includes(day)}
                  // The last day of a row stays: a row without one says nothing.
                  disabled={row.days.length === 1 && row.days[0] === day}
                  onClick={() =>
                    setRow(index, {
                      days: [1, 2, 3, 4, 5, 6, 7].filter((one) => (one === day) !== row.days.includes(one)),
                    })
                  }
                >
                  {weekdayWords(day)}
                </button>
              ))}
            </span>
            <TimesField
              label={say.row(index + 1)}
              span={row}
              overnight
              onChange={(span) => setRow(index, span)}
            />
            <Button
              size="s"
              look="quiet"
              aria-label={say.removeRow(index + 1)}
              icon={<Trash2 aria-hidden />}
              onClick={() => set({ rows: hours.rows.filter((_, at) => at !== index) })}
            />
          </li>
        ))}
        {hours.holidays.map(({ calendar, spans }, index) => (
          <li key={calendar} className={css['exception']}>
            <b>{plan.calendars[calendar]?.name}</b>
            <SpansField
              label={say.onDaysOf(plan.calendars[calendar]?.name ?? '')}
              spans={spans}
              none={say.shutAllDay}
              onChange={(next) =>
                set({
                  holidays: hours.holidays.map((one, at) =>
                    at === index ? { calendar, spans: [...next] } : one,
                  ),
                })
              }
            />
            <Button
              size="s"
              look="quiet"
              aria-label={say.takeNoNoticeOf(plan.calendars[calendar]?.name ?? '')}
              icon={<Trash2 aria-hidden />}
              onClick={() => set({ holidays: hours.holidays.filter((_, at) => at !== index) })}
            />
          </li>
        ))}
      </ul>
      <footer className={css['cardFoot']}>
        <Button
          size="s"
          look="quiet"
          icon={<Plus aria-hidden />}
          onClick={() => set({ rows: [...hours.rows, { days: [6, 7], from: 540, to: 780 }] })}
        >
          {say.days}
        </Button>
        {unnamed.map(({ id, name }) => (
          <Button
            key={id}
            size="s"
            look="quiet"
            icon={<Plus aria-hidden />}
            onClick={() => set({ holidays: [...hours.holidays, { calendar: id, spans: [] }] })}
          >
            {name}
          </Button>
        ))}
        {hours.rows.some(({ from, to }) => to <= from) && (
          <span className={css['hint']}>{say.goesPastMidnightStops}</span>
        )}
      </footer>
    </section>
  );
}
