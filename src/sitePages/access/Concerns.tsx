import { useMemo } from 'react';
import { concerns, type Moment } from '#core/access/index';
import { concernWords } from '#words/access';
import { say } from '#words/sitePages/access/Concerns';
import { usePlan } from '../../store/context';
import css from '../../parts/access/Access.module.css';

/** What somebody should look at, and why. */
export function Concerns({ now }: { now: Moment }) {
  const plan = usePlan();
  const found = useMemo(() => concerns(plan, now.day), [plan, now.day]);
  return (
    <section className={css['concerns']} aria-label={say.toLookAt}>
      <h2>{say.toLookAt2(found.length)}</h2>
      {found.length === 0 && <p>{say.nothingEveryDoorSomebody}</p>}
      <ul>
        {found.slice(0, 40).map((concern) => {
          const { what, where, why } = concernWords(plan, concern, now.day);
          return (
            <li key={`${concern.kind} ${where}`}>
              <b>{what}</b>
              <span>{where}</span>
              <p>{why}</p>
            </li>
          );
        })}
      </ul>
      {found.length > 40 && <p>{say.andMore(found.length - 40)}</p>}
    </section>
  );
}
