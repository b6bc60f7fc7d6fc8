import Copy from 'lucide-react/icons/copy';
import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import type { Moment } from '#core/access/index';
import { levelsOf, type Exception, type Grant, type Level } from '#core/plan/index';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import { DoorPicker } from './DoorPicker';
import { inOrder } from '../../parts/access/inOrder';
import { NameField } from '../../parts/access/NameField';
import { SpansField } from '../../parts/access/SpansField';
import css from '../../parts/access/Access.module.css';

/** Every access level: doors with hours, who holds it, and days on which it is otherwise. */
export function Levels({ now }: { now: Moment | null }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const levels = inOrder(plan.levels);
  const add = (level: Omit<Level, 'id' | 'order'>, label: string) =>
    dispatch({ kind: 'addLevel', level: { ...level, id: newId(), order: levels.length } }, label);
  const fresh = () =>
    add(
      {
        name: `Level ${levels.length + 1}`,
        grants: [{ doors: [], hours: null }],
        groups: [],
        exceptions: [],
        overrides: false,
        until: null,
      },
      'add an access level',
    );
  return (
    <div className={css['cards']}>
      {levels.length === 0 && (
        <Empty
          title="No access levels yet"
          action={
            <Button icon={<Plus aria-hidden />} onClick={fresh}>
              Access level
            </Button>
          }
        >
          A level says which doors its people open, and when: staff by day, contractors on weekdays, managers
          at weekends too. Give it to a person, or to a whole group.
        </Empty>
      )}
      {levels.map((level) => (
        <LevelCard key={level.id} level={level} now={now} onCopy={() => add(copyOf(level), 'copy a level')} />
      ))}
      {levels.length > 0 && (
        <p>
          <Button size="s" icon={<Plus aria-hidden />} onClick={fresh}>
            Access level
          </Button>
        </p>
      )}
    </div>
  );
}

const copyOf = ({ id: _id, order: _order, ...level }: Level): Omit<Level, 'id' | 'order'> => ({
  ...level,
  name: `${level.name} copy`.slice(0, 80),
});

function LevelCard({ level, now, onCopy }: { level: Level; now: Moment | null; onCopy(): void }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const hours = inOrder(plan.hours);
  const held = Object.values(plan.people).filter((person) => levelsOf(plan, person).includes(level));
  const groups = [
    ...new Set([...Object.values(plan.people).map(({ group }) => group), ...level.groups].filter(Boolean)),
  ].sort();
  const set = (patch: Partial<Omit<Level, 'id'>>) =>
    dispatch({ kind: 'setLevel', id: level.id, patch }, `change ${level.name}`);
  const setGrant = (at: number, patch: Partial<Grant>) =>
    set({ grants: level.grants.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const setException = (at: number, patch: Partial<Exception>) =>
    set({ exceptions: level.exceptions.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  return (
    <section className={css['card']} aria-label={level.name}>
      <header className={css['cardHead']}>
        <NameField label="Name of the level" value={level.name} onKeep={(name) => set({ name })} />
        <span className={css['count']}>{held.length === 1 ? '1 person' : `${held.length} people`}</span>
        <Button
          size="s"
          look="quiet"
          aria-label={`Copy ${level.name}`}
          icon={<Copy aria-hidden />}
          onClick={onCopy}
        />
        <Button
          size="s"
          look="quiet"
          aria-label={`Remove ${level.name}`}
          icon={<Trash2 aria-hidden />}
          onClick={() =>
            dispatch(
              { kind: 'removeLevel', id: level.id },
              `remove ${level.name}`,
              held.length > 0
                ? `${level.name} removed: ${held.length} held it. Undo brings it back.`
                : undefined,
            )
          }
        />
      </header>
      <ul className={css['rows']}>
        {level.grants.map((grant, index) => (
          <li key={index}>
            <DoorPicker
              label={`Doors, row ${index + 1}`}
              chosen={grant.doors}
              none="choose doors"
              onChange={(doors) => setGrant(index, { doors })}
            />
            <select
              aria-label={`Hours, row ${index + 1}`}
              value={grant.hours ?? ''}
              onChange={(event) => setGrant(index, { hours: event.target.value || null })}
            >
              <option value="">at all hours</option>
              {hours.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
            {level.grants.length > 1 && (
              <Button
                size="s"
                look="quiet"
                aria-label={`Remove row ${index + 1}`}
                icon={<Trash2 aria-hidden />}
                onClick={() => set({ grants: level.grants.filter((_, at) => at !== index) })}
              />
            )}
          </li>
        ))}
        {level.exceptions.map((exception, index) => (
          <li key={`exception ${index}`} className={css['exception']}>
            <NameField
              label={`Name of exception ${index + 1}`}
              value={exception.name}
              onKeep={(name) => setException(index, { name })}
            />
            <input
              type="date"
              aria-label={`First day of exception ${index + 1}`}
              value={exception.from}
              onChange={({ target: { value } }) =>
                value !== '' &&
                setException(index, { from: value, to: exception.to < value ? value : exception.to })
              }
            />
            <input
              type="date"
              aria-label={`Last day of exception ${index + 1}`}
              value={exception.to}
              min={exception.from}
              onChange={({ target: { value } }) =>
                value >= exception.from && value !== '' && setException(index, { to: value })
              }
            />
            <DoorPicker
              label={`Doors of exception ${index + 1}`}
              chosen={exception.doors}
              none="all its doors"
              onChange={(doors) => setException(index, { doors })}
            />
            <SpansField
              label={`Exception ${index + 1}`}
              spans={exception.spans}
              none="shut"
              onChange={(spans) => setException(index, { spans: [...spans] })}
            />
            <Button
              size="s"
              look="quiet"
              aria-label={`Remove exception ${index + 1}`}
              icon={<Trash2 aria-hidden />}
              onClick={() => set({ exceptions: level.exceptions.filter((_, at) => at !== index) })}
            />
          </li>
        ))}
      </ul>
      <footer className={css['cardFoot']}>
        <Button
          size="s"
          look="quiet"
          icon={<Plus aria-hidden />}
          onClick={() => set({ grants: [...level.grants, { doors: [], hours: null }] })}
        >
          Doors
        </Button>
        <Button
          size="s"
          look="quiet"
          icon={<Plus aria-hidden />}
          disabled={now === null}
          onClick={() =>
            now &&
            set({
              exceptions: [
                ...level.exceptions,
                { name: 'Exception', from: now.day, to: now.day, doors: [], spans: [] },
              ],
            })
          }
        >
          Exception
        </Button>
        {groups.length > 0 && (
          <span className={css['choices']} role="group" aria-label="Groups that hold it">
            <span>held by all of</span>
            {groups.map((group) => (
              <button
                key={group}
                type="button"
                className={css['chip']}
                aria-pressed={level.groups.includes(group)}
                onClick={() =>
                  set({
                    groups: level.groups.includes(group)
                      ? level.groups.filter((one) => one !== group)
                      : [...level.groups, group].sort(),
                  })
                }
              >
                {group}
              </button>
            ))}
          </span>
        )}
        <label className={css['check']}>
          <input
            type="checkbox"
            checked={level.overrides}
            onChange={(event) => set({ overrides: event.target.checked })}
          />
          also out of a door’s opening hours
        </label>
        <label className={css['check']}>
          last day
          <input
            type="date"
            aria-label={`Last day of ${level.name}`}
            value={level.until ?? ''}
            onChange={(event) => set({ until: event.target.value || null })}
          />
        </label>
      </footer>
    </section>
  );
}
