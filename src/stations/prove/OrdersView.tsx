import { useEffect, useMemo, useRef, useState } from 'react';
import { eventsIn, PROMISES, storyActs, type BrokenPromise, type OrdersReport } from '#core/orders/index';
import type { Door } from '#core/plan/index';
import { play } from '#core/scenarios/index';
import { atRest } from '#core/simulate/index';
import { BROKEN_WORDS, eventWords, NOT_ASKED, PROMISE_WORDS } from '#words/orders';
import { LAW } from '#words/findings/index';
import { say } from '#words/stations/prove/OrdersView';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import type { Bench } from '../../parts/bench/useBench';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import { ScenarioLanes } from '../../parts/lanes/ScenarioLanes';
import { useProve } from './useProve';
import css from './Explored.module.css';

/** How far is looked before it is called enough: some ten seconds at a door with everything. */
const BOUNDS = { states: 120_000, depth: 400 };
/** A story goes on the bench step by step, ms between two. */
const STEP_MS = 1100;

/** Every order of events against what is promised whatever happens; what breaks a promise, as a story and over time. */
export function OrdersView({ door, bench }: { door: Door; bench: Bench }) {
  const plan = usePlan();
  const work = useProve('orders', plan, door);
  const report = work.answers.at(-1)?.report ?? null;
  const broken = report?.broken ?? [];
  return (
    <div className={css['page']}>
      <section aria-label={say.everyOrderOfEvents}>
        <header className={css['head']}>
          <h2>{say.everyOrderOfEvents}</h2>
          <span className={css['progress']}>
            {report && (
              <span className={css['count']} role="status">
                {coverage(report, work.state)}
              </span>
            )}
            {work.state === 'runs' ? (
              <Button size="s" onClick={() => work.stop()}>
                {say.stop}
              </Button>
            ) : (
              <Button
                size="s"
                look={report ? 'plain' : 'main'}
                onClick={() => work.start({ bounds: BOUNDS })}
              >
                {report ? say.tryAgain : say.tryEveryOrder}
              </Button>
            )}
          </span>
        </header>
        <p className={css['lead']}>{say.cardsExitsLeafPower}</p>
        {work.state === 'stumbled' && <p role="alert">{say.stumbledTryAgainRest}</p>}
        <ul className={css['promises']}>
          {PROMISES.map((promise) => {
            const found = broken.find((one) => one.promise === promise);
            const skipped = report?.notAsked.get(promise);
            const mark = found ? '✕' : skipped ? '–' : report ? (report.exhausted ? '✓' : '·') : '';
            return (
              <li key={promise} className={cx(found && css['broken'], Boolean(skipped) && css['skipped'])}>
                <i aria-hidden>{mark}</i>
                <span>{PROMISE_WORDS[promise]}</span>
                <small>
                  {found
                    ? say.brokenBy(found.story.length)
                    : skipped
                      ? say.notAsked(NOT_ASKED[skipped] ?? '')
                      : report
                        ? report.exhausted
                          ? say.keptInEveryState
                          : say.keptFarLooked
                        : ''}
                </small>
              </li>
            );
          })}
        </ul>
      </section>
      {broken.map((one) => (
        <Story key={`${one.promise} ${one.story.join()}`} broken={one} door={door} bench={bench} />
      ))}
      <p className={css['law']}>{LAW}</p>
    </div>
  );
}

const count = (n: number): string => n.toLocaleString('en').replaceAll(',', ' ');

/** What was looked at, honestly: states, events, and whether any is left. */
function coverage({ states, tried, depth, exhausted }: OrdersReport, state: string): string {
  const seen = say.statesEventsTried(count(states), count(tried));
  if (exhausted) return say.allThemRowsAny(seen);
  const far = say.everyRowOfUpTo(depth);
  return state === 'runs' ? say.soFar(seen, far) : say.notBeyond(seen, far);
}

/** The shortest row of events that breaks a promise. */
function Story({
  broken: { promise, story },
  door,
  bench,
}: {
  broken: BrokenPromise;
  door: Door;
  bench: Bench;
}) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [kept, setKept] = useState(false);
  const world = bench.sound;
  const told = useMemo(() => storyActs(world, story), [world, story]);
  const played = useMemo(() => play(world, atRest(world), told), [world, told]);
  const scenario = {
    id: 'story',
    door: door.id,
    name: PROMISE_WORDS[promise],
    order: 0,
    ...told,
    expects: { forced: null, held: null, tamper: null, end: null, wayOut: true },
    kept: null,
  } as const;
  const steps = useRef<ReturnType<typeof setTimeout>[]>([]);
  const end = () => steps.current.forEach(clearTimeout);
  // A story that is no longer looked at goes on with nothing.
  useEffect(() => end, []);
  const playOut = () => {
    end();
    bench.reset();
    const events = eventsIn(world, story);
    steps.current = events.map(({ id, stimulus }, index) =>
      setTimeout(() => {
        if (stimulus) bench.act(stimulus, eventWords(plan, id, door.id));
        else bench.skip();
      }, index * STEP_MS),
    );
  };
  return (
    <section className={css['story']} aria-label={say.broken(PROMISE_WORDS[promise])}>
      <h3>{say.broken2(PROMISE_WORDS[promise])}</h3>
      <ol>
        {story.length === 0 && <li>{say.doorRestNothingHappened}</li>}
        {story.map((id, index) => (
          <li key={index}>{eventWords(plan, id, door.id)}</li>
        ))}
      </ol>
      <p className={css['end']}>{BROKEN_WORDS[promise]}</p>
      <ScenarioLanes plan={plan} scenario={scenario} played={played} differs={[]} all={false} />
      <p className={css['acts']}>
        <Button size="s" look="main" disabled={story.length === 0} onClick={playOut}>
          {say.playItOnTheBench}
        </Button>
        <Button
          size="s"
          disabled={kept || story.length === 0}
          onClick={() => {
            const acts = [...told.acts];
            dispatch(
              { kind: 'addScenario', scenario: { ...scenario, id: newId(), acts } },
              say.keepStoryScenario,
            );
            setKept(true);
          }}
        >
          {kept ? say.keptUnderTiming : say.keepItAsAScenario}
        </Button>
      </p>
    </section>
  );
}
