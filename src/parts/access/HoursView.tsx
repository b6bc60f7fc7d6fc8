import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import { does, roleValue, settingFor } from '#core/devices/index';
import { doorParts } from '#core/door/index';
import { doorsInOrder, type Door, type Edit, type Hours, type HoursRow } from '#core/plan/index';
import { weekdayWords } from '#words/access';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import { inOrder } from './inOrder';
import { NameField } from './NameField';
import { SpansField, TimesField } from './SpansField';
import table from '../../ui/DataTable.module.css';
import css from './Access.module.css';

/** Hours by weekday with what holds on days off; and the doors that are unlocked, or shut, by them. */
export function HoursView() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const all = inOrder(plan.hours);
  const fresh = () =>
    dispatch(
      {
        kind: 'addHours',
        hours: {
          id: newId(),
          name: all.length === 0 ? 'Working hours' : `Hours ${all.length + 1}`,
          order: all.length,
          rows: [{ days: [1, 2, 3, 4, 5], from: 420, to: 1140 }],
          holidays: Object.keys(plan.calendars).map((calendar) => ({ calendar, spans: [] })),
        },
      },
      'add hours',
    );
  return (
    <div className={css['cards']}>
      {all.length === 0 && (
        <Empty
          title="No hours yet"
          action={
            <Button icon={<Plus aria-hidden />} onClick={fresh}>
              Hours
            </Button>
          }
        >
          Hours say when: levels open doors by them, doors stand unlocked by them. On days off others hold.
        </Empty>
      )}
      {all.map((hours) => (
        <HoursCard key={hours.id} hours={hours} />
      ))}
      {all.length > 0 && (
        <>
          <p>
            <Button size="s" icon={<Plus aria-hidden />} onClick={fresh}>
              Hours
            </Button>
          </p>
          <DoorsByHours doors={doorsInOrder(plan)} />
        </>
      )}
    </div>
  );
}

function HoursCard({ hours }: { hours: Hours }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const calendars = inOrder(plan.calendars);
  const set = (patch: Partial<Omit<Hours, 'id'>>) =>
    dispatch({ kind: 'setHours', id: hours.id, patch }, `change ${hours.name}`);
  const setRow = (at: number, patch: Partial<HoursRow>) =>
    set({ rows: hours.rows.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const unnamed = calendars.filter(({ id }) => !hours.holidays.some(({ calendar }) => calendar === id));
  return (
    <section className={css['card']} aria-label={hours.name}>
      <header className={css['cardHead']}>
        <NameField label="Name of the hours" value={hours.name} onKeep={(name) => set({ name })} />
        <Button
          size="s"
          look="quiet"
          aria-label={`Remove ${hours.name}`}
          icon={<Trash2 aria-hidden />}
          onClick={() => dispatch({ kind: 'removeHours', id: hours.id }, `remove ${hours.name}`)}
        />
      </header>
      <ul className={css['rows']}>
        {hours.rows.map((row, index) => (
          <li key={index}>
            <span className={css['weekdays']} role="group" aria-label={`Days of row ${index + 1}`}>
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
              label={`Row ${index + 1}`}
              span={row}
              overnight
              onChange={(span) => setRow(index, span)}
            />
            <Button
              size="s"
              look="quiet"
              aria-label={`Remove row ${index + 1}`}
              icon={<Trash2 aria-hidden />}
              onClick={() => set({ rows: hours.rows.filter((_, at) => at !== index) })}
            />
          </li>
        ))}
        {hours.holidays.map(({ calendar, spans }, index) => (
          <li key={calendar} className={css['exception']}>
            <b>{plan.calendars[calendar]?.name}</b>
            <SpansField
              label={`On days of ${plan.calendars[calendar]?.name ?? ''}`}
              spans={spans}
              none="shut all day"
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
              aria-label={`Take no notice of ${plan.calendars[calendar]?.name ?? ''}`}
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
          Days
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
          <span className={css['hint']}>
            What goes past midnight stops there where the next day is a day off.
          </span>
        )}
      </footer>
    </section>
  );
}

/** Which doors stand unlocked by which hours, and which are shut out of theirs. */
export function DoorsByHours({ doors }: { doors: readonly Door[] }) {
  const hours = inOrder(usePlan().hours);
  if (doors.length === 0) return null;
  return (
    <section className={css['byHours']}>
      {doors.length > 1 && <h2>Doors by hours</h2>}
      <div className={css['wide']}>
        <table className={table['table']}>
          <caption className="hush">Free passage and opening hours of each door</caption>
          <thead>
            <tr>
              <th scope="col">Door</th>
              <th scope="col">Free passage: unlocked to everybody</th>
              <th scope="col">begins</th>
              <th scope="col">Opening hours: shut outside them</th>
            </tr>
          </thead>
          <tbody>
            {doors.map((door) => (
              <DoorRow key={door.id} door={door} hours={hours} />
            ))}
          </tbody>
        </table>
      </div>
      <p className={css['hint']}>
        Levels that are given so open a door outside its opening hours too. Nobody is kept in: opening hours
        and levels are about coming in.
      </p>
    </section>
  );
}

function DoorRow({ door, hours }: { door: Door; hours: readonly Hours[] }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const { decider, channel } = doorParts(plan, door.id);
  const keeps = decider !== null && does(decider.type, 'clock');
  const setting = keeps ? settingFor(decider.type, 'free', channel) : null;
  const begins = keeps ? String(roleValue(decider.type, decider.device.settings, 'free', channel)) : 'no';
  const setFree = (id: string | null) => {
    const edits: Edit[] = [{ kind: 'setDoor', id: door.id, patch: { freePassage: id } }];
    // The menu of what decides follows: hours without it, and it without hours, are both a mistake.
    if (setting && (begins === 'no') !== (id === null))
      edits.push({
        kind: 'setSetting',
        device: decider!.device.id,
        setting: setting.id,
        value: id === null ? 'no' : 'first-in',
      });
    dispatch(
      edits.length === 1 ? edits[0]! : { kind: 'batch', label: `free passage of ${door.id}`, edits },
      `free passage of ${door.id}`,
    );
  };
  const options = (
    <>
      <option value="">none</option>
      {hours.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </>
  );
  return (
    <tr>
      <th scope="row">
        {door.id} {door.name}
      </th>
      <td>
        <select
          aria-label={`Free passage of ${door.id}`}
          value={door.freePassage ?? ''}
          onChange={(event) => setFree(event.target.value || null)}
        >
          {options}
        </select>
      </td>
      <td>
        {door.freePassage === null ? (
          '—'
        ) : setting ? (
          <select
            aria-label={`How free passage of ${door.id} begins`}
            value={begins}
            onChange={(event) =>
              dispatch(
                {
                  kind: 'setSetting',
                  device: decider!.device.id,
                  setting: setting.id,
                  value: event.target.value,
                },
                `how free passage of ${door.id} begins`,
              )
            }
          >
            <option value="no">not set at {decider!.device.tag}</option>
            <option value="clock">by the clock</option>
            <option value="first-in">with the first person in</option>
          </select>
        ) : (
          <em className={css['lacks']}>
            {decider ? `${decider.device.tag} keeps no hours` : 'nothing decides'}
          </em>
        )}
      </td>
      <td>
        <select
          aria-label={`Opening hours of ${door.id}`}
          value={door.openingHours ?? ''}
          onChange={(event) =>
            dispatch(
              { kind: 'setDoor', id: door.id, patch: { openingHours: event.target.value || null } },
              `opening hours of ${door.id}`,
            )
          }
        >
          {options}
        </select>
      </td>
    </tr>
  );
}
