import type { ReachFault } from '#core/reach/index';
import { faultWordsAt } from '#words/faults';
import { siteSituationName, spaceName } from '#words/reach';
import { say } from '#words/sitePages/release/SiteFaults';
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
    <section aria-label={say.singleFaultsOfTheSite}>
      <div className={css['run']}>
        {state === 'idle' && (
          <Button look="main" disabled={openings === null} onClick={begin}>
            {say.tryEverySingleFault}
          </Button>
        )}
        {state === 'runs' && (
          <>
            {of > 0 && <progress max={of} value={done} aria-label={say.doorsThatWereTried} />}
            <Button size="s" onClick={pause}>
              {say.stop}
            </Button>
          </>
        )}
        {state === 'paused' && (
          <Button size="s" onClick={goOn}>
            {say.goOn}
          </Button>
        )}
        {state !== 'idle' && (
          <span role="status" className={css['count']}>
            {of === 0
              ? say.oneMoment
              : state === 'over'
                ? say.faultsTriedDoorsTrap(tried, of, traps.length, opens.length)
                : say.ofDoorsFaults(done, of, tried)}
          </span>
        )}
      </div>
      <p className={css['hint']}>{say.oneThingBreaksAnywhere}</p>
      <List title={say.somebodyIsTrapped} faults={traps} of={({ trapped }) => trapped} />
      <List title={say.whatIsProtectedStandsOpen} faults={opens} of={({ breached }) => breached} />
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
                  ? say.andMore(when.slice(0, 3).join(', '), when.length - 3)
                  : when.join(', ')}
              </small>
            </li>
          );
        })}
      </ul>
    </>
  );
}
