import { useEffect, useMemo, useRef, useState } from 'react';
import { eventsIn, PROMISES, storyActs, type BrokenPromise, type OrdersReport } from '#core/orders/index';
import type { Door } from '#core/plan/index';
import { play } from '#core/scenarios/index';
import { atRest } from '#core/simulate/index';
import { BROKEN_WORDS, eventWords, NOT_ASKED, PROMISE_WORDS } from '#words/orders';
import { LAW } from '#words/findings/index';
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
      <section aria-label="Every order of events">
        <header className={css['head']}>
          <h2>Every order of events</h2>
          <span className={css['progress']}>
            {report && (
              <span className={css['count']} role="status">
                {coverage(report, work.state)}
              </span>
            )}
            {work.state === 'runs' ? (
              <Button size="s" onClick={() => work.stop()}>
                Stop
              </Button>
            ) : (
              <Button
                size="s"
                look={report ? 'plain' : 'main'}
                onClick={() => work.start({ bounds: BOUNDS })}
              >
                {report ? 'Try again' : 'Try every order'}
              </Button>
            )}
          </span>
        </header>
        <p className={css['lead']}>
          Cards, exits, the leaf, power, fire, glass, a controller that hangs, the network: in every order,
          from rest, with time passing to the next timer. What must hold whatever happens:
        </p>
        {work.state === 'stumbled' && (
          <p role="alert">It stumbled. Try again; the rest of the site is untouched.</p>
        )}
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
                    ? `broken by ${found.story.length === 0 ? 'the door at rest' : `${found.story.length} ${found.story.length === 1 ? 'event' : 'events'}`}`
                    : skipped
                      ? `not asked: ${NOT_ASKED[skipped] ?? ''}`
                      : report
                        ? report.exhausted
                          ? 'kept in every state'
                          : 'kept as far as was looked'
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
  const seen = `${count(states)} states, ${count(tried)} events tried`;
  if (exhausted) return `${seen}: all of them, rows of any length`;
  const far = `every row of up to ${depth} ${depth === 1 ? 'event' : 'events'}`;
  return state === 'runs' ? `${seen}; ${far} so far` : `${seen}; ${far}, not beyond`;
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
    <section className={css['story']} aria-label={`Broken: ${PROMISE_WORDS[promise]}`}>
      <h3>{PROMISE_WORDS[promise]}: broken</h3>
      <ol>
        {story.length === 0 && <li>The door is at rest; nothing has happened.</li>}
        {story.map((id, index) => (
          <li key={index}>{eventWords(plan, id, door.id)}</li>
        ))}
      </ol>
      <p className={css['end']}>{BROKEN_WORDS[promise]}</p>
      <ScenarioLanes plan={plan} scenario={scenario} played={played} differs={[]} all={false} />
      <p className={css['acts']}>
        <Button size="s" look="main" disabled={story.length === 0} onClick={playOut}>
          Play it on the bench
        </Button>
        <Button
          size="s"
          disabled={kept || story.length === 0}
          onClick={() => {
            const acts = [...told.acts];
            dispatch(
              { kind: 'addScenario', scenario: { ...scenario, id: newId(), acts } },
              'keep a story as a scenario',
            );
            setKept(true);
          }}
        >
          {kept ? 'Kept under Timing' : 'Keep it as a scenario'}
        </Button>
      </p>
    </section>
  );
}
