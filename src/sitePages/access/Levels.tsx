import Copy from 'lucide-react/icons/copy';
import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import type { Moment } from '#core/access/index';
import { levelsOf, type Exception, type Grant, type Level } from '#core/plan/index';
import { say } from '#words/sitePages/access/Levels';
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
        name: say.level(levels.length + 1),
        grants: [{ doors: [], hours: null }],
        groups: [],
        exceptions: [],
        overrides: false,
        until: null,
      },
      say.addAnAccessLevel,
    );
  return (
    <div className={css['cards']}>
      {levels.length === 0 && (
        <Empty
          title={say.noAccessLevelsYet}
          action={
            <Button icon={<Plus aria-hidden />} onClick={fresh}>
              {say.accessLevel}
            </Button>
          }
        >
          {say.levelSaysWhichDoors}
        </Empty>
      )}
      {levels.map((level) => (
        <LevelCard key={level.id} level={level} now={now} onCopy={() => add(copyOf(level), say.copyALevel)} />
      ))}
      {levels.length > 0 && (
        <p>
          <Button size="s" icon={<Plus aria-hidden />} onClick={fresh}>
            {say.accessLevel}
          </Button>
        </p>
      )}
    </div>
  );
}

const copyOf = ({ id: _id, order: _order, ...level }: Level): Omit<Level, 'id' | 'order'> => ({
  ...level,
  name: say.copy(level.name).slice(0, 80),
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
    dispatch({ kind: 'setLevel', id: level.id, patch }, say.change(level.name));
  const setGrant = (at: number, patch: Partial<Grant>) =>
    set({ grants: level.grants.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const setException = (at: number, patch: Partial<Exception>) =>
    set({ exceptions: level.exceptions.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  return (
    <section className={css['card']} aria-label={level.name}>
      <header className={css['cardHead']}>
        <NameField label={say.nameOfTheLevel} value={level.name} onKeep={(name) => set({ name })} />
        <span className={css['count']}>{held.length === 1 ? '1 person' : say.people(held.length)}</span>
        <Button
          size="s"
          look="quiet"
          aria-label={say.copy2(level.name)}
          icon={<Copy aria-hidden />}
          onClick={onCopy}
        />
        <Button
          size="s"
          look="quiet"
          aria-label={say.remove(level.name)}
          icon={<Trash2 aria-hidden />}
          onClick={() =>
            dispatch(
              { kind: 'removeLevel', id: level.id },
              say.remove2(level.name),
              held.length > 0 ? say.removedHeldUndoBrings(level.name, held.length) : undefined,
            )
          }
        />
      </header>
      <ul className={css['rows']}>
        {level.grants.map((grant, index) => (
          <li key={index}>
            <DoorPicker
              label={say.doorsRow(index + 1)}
              chosen={grant.doors}
              none={say.chooseDoors}
              onChange={(doors) => setGrant(index, { doors })}
            />
            <select
              aria-label={say.hoursRow(index + 1)}
              value={grant.hours ?? ''}
              onChange={(event) => setGrant(index, { hours: event.target.value || null })}
            >
              <option value="">{say.atAllHours}</option>
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
                aria-label={say.removeRow(index + 1)}
                icon={<Trash2 aria-hidden />}
                onClick={() => set({ grants: level.grants.filter((_, at) => at !== index) })}
              />
            )}
          </li>
        ))}
        {level.exceptions.map((exception, index) => (
          <li key={`exception ${index}`} className={css['exception']}>
            <NameField
              label={say.nameOfException(index + 1)}
              value={exception.name}
              onKeep={(name) => setException(index, { name })}
            />
            <input
              type="date"
              aria-label={say.firstDayOfException(index + 1)}
              value={exception.from}
              onChange={({ target: { value } }) =>
                value !== '' &&
                setException(index, { from: value, to: exception.to < value ? value : exception.to })
              }
            />
            <input
              type="date"
              aria-label={say.lastDayOfException(index + 1)}
              value={exception.to}
              min={exception.from}
              onChange={({ target: { value } }) =>
                value >= exception.from && value !== '' && setException(index, { to: value })
              }
            />
            <DoorPicker
              label={say.doorsOfException(index + 1)}
              chosen={exception.doors}
              none={say.allItsDoors}
              onChange={(doors) => setException(index, { doors })}
            />
            <SpansField
              label={say.exception(index + 1)}
              spans={exception.spans}
              none="shut"
              onChange={(spans) => setException(index, { spans: [...spans] })}
            />
            <Button
              size="s"
              look="quiet"
              aria-label={say.removeException(index + 1)}
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
          {say.doors}
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
                { name: say.exception2, from: now.day, to: now.day, doors: [], spans: [] },
              ],
            })
          }
        >
          {say.exception2}
        </Button>
        {groups.length > 0 && (
          <span className={css['choices']} role="group" aria-label={say.groupsThatHoldIt}>
            <span>{say.heldByAllOf}</span>
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
          {say.alsoOutDoorsOpening}
        </label>
        <label className={css['check']}>
          {say.lastDay}
          <input
            type="date"
            aria-label={say.lastDayOf(level.name)}
            value={level.until ?? ''}
            onChange={(event) => set({ until: event.target.value || null })}
          />
        </label>
      </footer>
    </section>
  );
}
