import { Suspense, useMemo, useState } from 'react';
import ChevronsRight from 'lucide-react/icons/chevrons-right';
import Pause from 'lucide-react/icons/pause';
import Play from 'lucide-react/icons/play';
import RotateCcw from 'lucide-react/icons/rotate-ccw';
import ScrollText from 'lucide-react/icons/scroll-text';
import { doorParts } from '#core/door/index';
import { conductorsOf, terminalLabel, type Plan } from '#core/plan/index';
import { waysOut } from '#core/prove/index';
import { doorHold, egressAlarms, egressReleases, lockStatuses, whyFree } from '#core/simulate/index';
import {
  ALARM_NAMES,
  clockWords,
  effectWords,
  stateWords,
  holdWords,
  insideWords,
  lockFigures,
  peopleWords,
  whyFreeWords,
} from '#words/bench';
import { say } from '#words/app/bench/Bench';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { Menu } from '../../ui/Menu';
import { cx } from '../../ui/cx';
import { lazily } from '../../parts/lazily';
import { useSite } from '../../store/context';
import { Lanes } from './Lanes';
import { triggersOf } from './triggers';
import { SPEEDS, type Bench as BenchState, type Line } from '../../parts/bench/useBench';
import css from './Bench.module.css';

const Somebody = lazily(async () => (await import('./Somebody')).Somebody);

/** The bench: what somebody does at the left, what happens over time in the middle, the lock in words at the right. */
export function Bench({ bench, plan }: { bench: BenchState; plan: Plan }) {
  const { complete } = useSite();
  // At phone width the bench is a line with the lock in words, until somebody opens it.
  const [open, setOpen] = useState(false);
  const { world, state, act, skip, reset } = bench;
  const locks = lockStatuses(world, state.point);
  const ways = useMemo(() => waysOut(world, state), [world, state]);
  const why = useMemo(() => whyFree(world, state), [world, state]);
  const kindOf = (state: string) =>
    egressAlarms(world).includes(state)
      ? 'alarm'
      : egressReleases(world).includes(state)
        ? 'release'
        : 'relay';
  const tagOf = (id: string) =>
    plan.conductors[id]?.number ?? plan.devices[id.split(':')[0] ?? id]?.tag ?? id;
  const last = bench.journal.at(-1);
  const [journal, setJournal] = useState(false);
  const [comes, setComes] = useState(false);
  const decides = doorParts(plan, world.door.id).decider !== null;
  const wires = conductorsOf(plan, world.door.id);
  return (
    <section className={cx(css['bench'], open && css['open'])} aria-label={say.bench}>
      <div className={css['triggers']}>
        <h2>
          {say.bench}
          <span className={css['tools']}>
            <button
              type="button"
              aria-pressed={bench.paused}
              onClick={() => bench.pause(!bench.paused)}
              title={bench.paused ? say.letTimeRun : say.stopTime}
              aria-label={say.stopTime}
            >
              {bench.paused ? <Play size={13} aria-hidden /> : <Pause size={13} aria-hidden />}
            </button>
            <button
              type="button"
              className={css['speed']}
              onClick={() => bench.setSpeed(SPEEDS[(SPEEDS.indexOf(bench.speed) + 1) % SPEEDS.length] ?? 1)}
              title={say.howFastTimeRuns}
              aria-label={say.speedTimes(bench.speed)}
            >
              {bench.speed === 0.25 ? '¼' : bench.speed}×
            </button>
            <button
              type="button"
              onClick={skip}
              disabled={state.queue.length === 0}
              title={say.skipToTheNextEvent}
              aria-label={say.skipToTheNextEvent}
            >
              <ChevronsRight size={15} aria-hidden />
            </button>
            <button type="button" onClick={reset} title={say.backToRest} aria-label={say.backToRest}>
              <RotateCcw size={13} aria-hidden />
            </button>
            <button
              type="button"
              onClick={() => setJournal(true)}
              disabled={bench.journal.length === 0}
              title={say.doneTime}
              aria-label={say.journalOfTheBench}
            >
              <ScrollText size={13} aria-hidden />
            </button>
          </span>
        </h2>
        <div className={css['buttons']}>
          {decides && (
            <Button look="frame" size="s" onClick={() => setComes(true)}>
              {say.somebody}
            </Button>
          )}
          {triggersOf(bench).map(({ id, label, on, nobody, stimulus }) => (
            <Button
              key={id}
              look="frame"
              size="s"
              aria-pressed={on}
              disabled={nobody}
              onClick={() => act(stimulus, label)}
            >
              {label}
            </Button>
          ))}
          <Menu
            label={say.cutOrMendAWire}
            side="top"
            trigger={
              <Button
                look="frame"
                size="s"
                aria-pressed={state.cut.size > 0 ? true : undefined}
                disabled={wires.length === 0}
              >
                {state.cut.size > 0 ? say.cut(state.cut.size) : say.cutAWire}
              </Button>
            }
            items={wires.map((wire) => ({
              id: wire.id,
              checked: state.cut.has(wire.id),
              label: wire.number,
              hint: `${terminalLabel(plan, wire.from, world.door.id)} – ${terminalLabel(plan, wire.to, world.door.id)}`,
              onSelect: () =>
                act(
                  { kind: state.cut.has(wire.id) ? 'mend' : 'cut', conductor: wire.id },
                  `${state.cut.has(wire.id) ? say.mend : say.cut2} ${wire.number}`,
                ),
            }))}
          />
        </div>
      </div>
      <div className={css['lanes']}>
        <Lanes bench={bench} plan={plan} />
      </div>
      <Button look="frame" className={css['toggle']} aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? say.closeTheBench : say.bench}
      </Button>
      <div className={css['words']} aria-live="polite">
        <b>{holdWords(doorHold(locks), state.doorOpen)}</b>
        {locks.length > 0 && <span className={css['figures']}>{lockFigures(locks)}</span>}
        {locks.length > 0 && <span>{insideWords(ways.works)}</span>}
        {last && <span>{peopleWords(bench.people)}</span>}
        {bench.broken !== null && <span className={css['alarm']}>{say.broken(bench.broken)}</span>}
        {state.alarms.size > 0 && (
          <span className={css['alarm']}>
            {[...state.alarms].map((alarm) => ALARM_NAMES[alarm]).join(', ')}
          </span>
        )}
        {why && <span className={css['why']}>{whyFreeWords(why, tagOf, clockWords)}</span>}
        {last && <span className={css['news']}>{lineWords(last, tagOf, kindOf)}</span>}
      </div>
      {comes && (
        <Suspense>
          <Somebody bench={bench} plan={plan} complete={complete} onClose={() => setComes(false)} />
        </Suspense>
      )}
      {journal && (
        <Dialog
          open={journal}
          onOpenChange={setJournal}
          title={say.journalOfTheBench}
          description={say.doneSinceDoorRest}
        >
          <ol className={css['journal']} aria-label={say.journal}>
            {bench.journal.map((line, index) => (
              <li key={index}>{lineWords(line, tagOf, kindOf)}</li>
            ))}
          </ol>
        </Dialog>
      )}
    </section>
  );
}

/** `0:04.2 Exit. Relay K1 pulled in.` */
function lineWords(
  { at, act, effects }: Line,
  tagOf: (id: string) => string,
  kindOf: (state: string) => Parameters<typeof stateWords>[2],
): string {
  const said = effects.map((effect) =>
    effect.kind === 'relay'
      ? stateWords(tagOf(effect.state), effect.on, kindOf(effect.state))
      : effectWords(effect),
  );
  return `${clockWords(at)} ${[act, ...said].filter((text) => text !== null).join('. ')}.`;
}
