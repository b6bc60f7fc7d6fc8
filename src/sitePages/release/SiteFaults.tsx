import type { ReachFault } from '#core/reach/index';
import { faultWordsAt } from '#words/faults';
import { siteSituationName, spaceName } from '#words/reach';
import { Button } from '../../ui/Button';
import { usePlan } from '../../store/context';
import type { useReach } from './useReach';
import css from './Release.module.css';

/** Every single fault of every door: who is trapped by it, and what stands open. */
export function SiteFaults({ reach }: { reach: ReturnType<typeof useReach> }) {
  const { faults, begin, pause, goOn, openings } = reach;
  const { state, done, of, tried, found } = faults;
  const traps = found.filter(({ trapped }) => trapped.length > 0);
  const opens = found.filter(({ trapped }) => trapped.length === 0);
  return (
    <section aria-label="Single faults of the site">
      <div className={css['run']}>
        {state === 'idle' && (
          <Button look="main" disabled={openings === null} onClick={begin}>
            Try every single fault of the site
          </Button>
        )}
        {state === 'runs' && (
          <>
            {of > 0 && <progress max={of} value={done} aria-label="Doors that were tried" />}
            <Button size="s" onClick={pause}>
              Stop
            </Button>
          </>
        )}
        {state === 'paused' && (
          <Button size="s" onClick={goOn}>
            Go on
          </Button>
        )}
        {state !== 'idle' && (
          <span role="status" className={css['count']}>
            {of === 0
              ? 'One moment…'
              : state === 'over'
                ? `${tried} faults tried at ${of} doors: ${traps.length} trap somebody, ${opens.length} open what is protected`
                : `${done} of ${of} doors, ${tried} faults`}
          </span>
        )}
      </div>
      <p className={css['hint']}>
        One thing breaks anywhere; then every situation, and from every room the way to safe ground, and from
        the street the way to what is protected.
      </p>
      <List title="Somebody is trapped" faults={traps} of={({ trapped }) => trapped} />
      <List title="What is protected stands open" faults={opens} of={({ breached }) => breached} />
    </section>
  );
}

interface ListProps {
  readonly title: string;
  readonly faults: readonly ReachFault[];
  of(fault: ReachFault): ReachFault['trapped'];
}

function List({ title, faults, of }: ListProps) {
  const plan = usePlan();
  if (faults.length === 0) return null;
  return (
    <>
      <h2>
        {title}: {faults.length}
      </h2>
      <ul className={css['faults']}>
        {faults.map((one) => {
          const rooms = [...new Set(of(one).map(({ space }) => space))].map((id) => spaceName(plan, id));
          const when = [...new Set(of(one).map(({ situation }) => siteSituationName(plan, situation)))];
          return (
            <li key={JSON.stringify(one.fault)}>
              <b>{faultWordsAt(plan, one.fault)}</b>
              <span>{rooms.join(', ')}</span>
              <small>
                {when.length > 4
                  ? `${when.slice(0, 3).join(', ')} and ${when.length - 3} more`
                  : when.join(', ')}
              </small>
            </li>
          );
        })}
      </ul>
    </>
  );
}
