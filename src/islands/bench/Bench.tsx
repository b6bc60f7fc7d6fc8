import { useMemo, useState } from 'react';
import { ChevronsRight, RotateCcw } from 'lucide-react';
import { conductorsOf, terminalLabel, type Plan } from '#core/plan/index';
import { waysOut } from '#core/prove/index';
import { doorHold, lockStatuses } from '#core/simulate/index';
import { effectWords, holdWords, insideWords, lockFigures } from '#words/index';
import { Button } from '../../ui/Button';
import { Menu } from '../../ui/Menu';
import { cx } from '../../ui/cx';
import { Lanes } from './Lanes';
import { triggersOf } from './triggers';
import type { Bench as BenchState } from './useBench';
import css from './Bench.module.css';

/** The bench: what somebody does at the left, what happens over time in the middle, the lock in words at the right. */
export function Bench({ bench, plan }: { bench: BenchState; plan: Plan }) {
  // At phone width the bench is a line with the lock in words, until somebody opens it.
  const [open, setOpen] = useState(false);
  const { world, state, act, skip, reset } = bench;
  const locks = lockStatuses(world, state.point);
  const ways = useMemo(() => waysOut(world, state), [world, state]);
  const news = bench.effects
    .map(effectWords)
    .filter((text) => text !== null)
    .slice(-2);
  const wires = conductorsOf(plan, world.door.id);
  return (
    <section className={cx(css['bench'], open && css['open'])} aria-label="Bench">
      <div className={css['triggers']}>
        <h2>
          Bench
          <span className={css['tools']}>
            <button
              type="button"
              onClick={skip}
              disabled={state.queue.length === 0}
              title="Skip to the next event"
              aria-label="Skip to the next event"
            >
              <ChevronsRight size={15} aria-hidden />
            </button>
            <button type="button" onClick={reset} title="Back to rest" aria-label="Back to rest">
              <RotateCcw size={13} aria-hidden />
            </button>
          </span>
        </h2>
        <div className={css['buttons']}>
          {triggersOf(bench).map(({ id, label, on, stimulus }) => (
            <Button key={id} look="frame" size="s" aria-pressed={on} onClick={() => act(stimulus)}>
              {label}
            </Button>
          ))}
          <Menu
            label="Cut or mend a wire"
            side="top"
            trigger={
              <Button
                look="frame"
                size="s"
                aria-pressed={state.cut.size > 0 ? true : undefined}
                disabled={wires.length === 0}
              >
                {state.cut.size > 0 ? `${state.cut.size} cut` : 'Cut a wire…'}
              </Button>
            }
            items={wires.map((wire) => ({
              id: wire.id,
              checked: state.cut.has(wire.id),
              label: wire.number,
              hint: `${terminalLabel(plan, wire.from, world.door.id)} – ${terminalLabel(plan, wire.to, world.door.id)}`,
              onSelect: () => act({ kind: state.cut.has(wire.id) ? 'mend' : 'cut', conductor: wire.id }),
            }))}
          />
        </div>
      </div>
      <div className={css['lanes']}>
        <Lanes bench={bench} plan={plan} />
      </div>
      <Button look="frame" className={css['toggle']} aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close the bench' : 'Bench'}
      </Button>
      <div className={css['words']} aria-live="polite">
        <b>{holdWords(doorHold(locks), state.doorOpen, locks[0]?.kind ?? null)}</b>
        {locks.length > 0 && <span className={css['figures']}>{lockFigures(locks)}</span>}
        {locks.length > 0 && <span>{insideWords(ways.works)}</span>}
        {state.alarms.size > 0 && (
          <span className={css['alarm']}>
            {[...state.alarms]
              .map((a) => (a === 'forced' ? 'Forced-open alarm' : 'Held-open alarm'))
              .join(', ')}
          </span>
        )}
        {news.length > 0 && <span className={css['news']}>{news.join('. ')}.</span>}
      </div>
    </section>
  );
}
