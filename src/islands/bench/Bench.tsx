import { useMemo, useState } from 'react';
import { ChevronsRight, RotateCcw } from 'lucide-react';
import { conductorsOf, terminalLabel, type Plan } from '#core/plan/index';
import { doorDevices, waysOut } from '#core/prove/index';
import { doorHold, lockStatuses, type Stimulus } from '#core/simulate/index';
import { effectWords, holdWords, insideWords, lockFigures } from '#words/index';
import { Button } from '../../ui/Button';
import { Menu } from '../../ui/Menu';
import { cx } from '../../ui/cx';
import { Lanes } from './Lanes';
import type { Bench as BenchState } from './useBench';
import css from './Bench.module.css';

interface Trigger {
  readonly id: string;
  readonly label: string;
  readonly on?: boolean;
  readonly stimulus: Stimulus;
}

/** What can be done to this door, from the devices it has and the state it is in. */
function triggersOf({ world, state }: BenchState): Trigger[] {
  const list: Trigger[] = [];
  const on = (key: string) => state.states.has(key);
  const keypad = doorDevices(world, 'keypad').length > 0;
  if (keypad || doorDevices(world, 'reader').length > 0) {
    const name = keypad ? 'code' : 'card';
    list.push({ id: 'card', label: keypad ? 'Code' : 'Card', stimulus: { kind: 'credential', valid: true } });
    list.push({ id: 'wrong', label: `Wrong ${name}`, stimulus: { kind: 'credential', valid: false } });
  }
  const exits = [...doorDevices(world, 'button'), ...doorDevices(world, 'sensor')];
  for (const { device } of exits) {
    const label = exits.length > 1 ? `Exit ${device.tag}` : 'Exit';
    list.push({ id: `exit-${device.id}`, label, stimulus: { kind: 'press', device: device.id } });
  }
  if (state.doorOpen) list.push({ id: 'door', label: 'Close door', stimulus: { kind: 'closeDoor' } });
  else {
    list.push({ id: 'open-in', label: 'Leave', stimulus: { kind: 'openDoor', from: 'inside' } });
    list.push({ id: 'open-out', label: 'Enter', stimulus: { kind: 'openDoor', from: 'outside' } });
  }
  for (const { device, type } of doorDevices(world, 'breakGlass')) {
    const broken = type.behaviour.kind === 'breakGlass' && on(`${device.id}:${type.behaviour.state}`);
    list.push({
      id: `glass-${device.id}`,
      label: broken ? `Reset ${device.tag}` : 'Break glass',
      on: broken,
      stimulus: { kind: broken ? 'resetGlass' : 'breakGlass', device: device.id },
    });
  }
  const fires = doorDevices(world, 'fireRelay');
  if (fires.length > 0) {
    const alarm = fires.some(
      ({ device, type }) => type.behaviour.kind === 'fireRelay' && on(`${device.id}:${type.behaviour.state}`),
    );
    list.push({ id: 'fire', label: 'Fire', on: alarm, stimulus: { kind: 'fire' } });
    if (alarm) {
      list.push({ id: 'fire-gone', label: 'Fire line lost', stimulus: { kind: 'fireGone' } });
      list.push({ id: 'fire-reset', label: 'Reset by key', stimulus: { kind: 'fireReset' } });
    }
  }
  const feeds = [...state.feeds.values()];
  const dead = feeds.length > 0 && feeds.every((feed) => feed.kind === 'off');
  const mainsOff = feeds.some((feed) => feed.kind === 'battery');
  list.push({ id: 'mains', label: 'Mains off', on: mainsOff, stimulus: { kind: 'mains', on: mainsOff } });
  list.push({ id: 'dead', label: 'All dead', on: dead, stimulus: { kind: 'dead', on: !dead } });
  return list;
}

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
