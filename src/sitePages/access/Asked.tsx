import { useMemo, useState } from 'react';
import { changesAt, mayOpen, type Moment } from '#core/access/index';
import { does } from '#core/devices/index';
import { doorParts } from '#core/door/index';
import { doorsInOrder, findIn } from '#core/plan/index';
import { momentWords, ruleWords } from '#words/access';
import { say } from '#words/sitePages/access/Asked';
import { usePlan } from '../../store/context';
import { minutesOf, timeValue } from '../../parts/moments/minutes';
import css from '../../parts/access/Access.module.css';

/** May this person open that door then? Answered with the rule that decides. */
export function Asked({ now }: { now: Moment }) {
  const plan = usePlan();
  const people = useMemo(
    () => Object.values(plan.people).sort((a, b) => a.name.localeCompare(b.name)),
    [plan.people],
  );
  const doors = doorsInOrder(plan);
  const [who, setWho] = useState<string | null>(null);
  const [which, setWhich] = useState<string | null>(null);
  const [at, setAt] = useState<Moment>(now);
  const person = findIn(plan.people, who ?? '') ?? people[0];
  const door = findIn(plan.doors, which ?? '') ?? doors[0];
  if (!person || !door) return null;
  const { opens, rule } = mayOpen(plan, person, door, at);
  const next = changesAt(plan, person, door, at);
  const { decider } = doorParts(plan, door.id);
  const keepsNone = decider !== null && !does(decider.type, 'clock');
  return (
    <section className={css['asked']} aria-label={say.mayPersonOpenDoor}>
      <h2>{say.mayPersonOpenDoor}</h2>
      <div className={css['question']}>
        <select aria-label={say.person} value={person.id} onChange={(event) => setWho(event.target.value)}>
          {people.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
        <select aria-label={say.door} value={door.id} onChange={(event) => setWhich(event.target.value)}>
          {doors.map(({ id, name }) => (
            <option key={id} value={id}>
              {id} {name}
            </option>
          ))}
        </select>
        <input
          type="date"
          aria-label={say.day}
          value={at.day}
          onChange={(event) => event.target.value !== '' && setAt({ ...at, day: event.target.value })}
        />
        <input
          type="time"
          aria-label={say.time}
          value={timeValue(at.minute)}
          onChange={(event) => {
            const minute = minutesOf(event.target.value);
            if (minute !== null) setAt({ ...at, minute });
          }}
        />
      </div>
      <p className={css['answer']} role="status">
        <strong>
          {opens ? say.yes : say.no}
          {next ? say.until(momentWords(next, at.day)) : ''}
        </strong>
        <span>{ruleWords(plan, rule, opens)}</span>
        {keepsNone && rule.kind !== 'by-name' && (
          <small>
            {say.atKeepsNoHours(
              decider.device.tag,
              door.id,
              rule.kind === 'level',
              rule.kind === 'exception',
              rule.kind === 'door-shut',
            )}
          </small>
        )}
      </p>
    </section>
  );
}
