import { useMemo, useState } from 'react';
import type { Door } from '#core/plan/index';
import {
  advance,
  atRest,
  buildWorld,
  foresee,
  sampleLanes,
  stimulate,
  type LaneSample,
  type Stimulus,
  type World,
} from '#core/simulate/index';
import { settingFor } from '#core/devices/index';
import { doorTimes, type DoorTimes, type TimeRole } from '#core/door/index';
import type { DoorVerdict } from '#core/verdict/index';
import { HANDLE_SECONDS, REACTION_SECONDS, recommendUnlock } from '#core/timing/index';
import { LANE_WORDS } from '#words/bench';
import { Button } from '../../ui/Button';
import { ChoiceField, TextField } from '../../ui/Field';
import { Empty } from '../../ui/Empty';
import { StationFrame } from '../frame/StationFrame';
import { useDispatch, usePlan } from '../store/context';
import colours from '../../ui/laneColours.module.css';
import css from './TimingStation.module.css';

/** How long the lock stays released, and what cuts that short. */
export function TimingStation({ door, verdict }: { door: Door; verdict: DoorVerdict | null }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const times = doorTimes(plan, door.id);
  if (!times) {
    return (
      <StationFrame door={door}>
        <Empty title="Nothing keeps time yet">Add a controller or a keypad at Wire.</Empty>
      </StationFrame>
    );
  }
  const { device, type } = times.decider;
  const set = (role: TimeRole, value: string | number) => {
    const setting = times.kept[role];
    if (setting !== null)
      dispatch({ kind: 'setSetting', device: device.id, setting, value }, `set the ${role} time`);
  };
  const range = (role: TimeRole) => {
    const found = settingFor(type, role, times.channel);
    return found?.kind === 'number' ? found : null;
  };
  const advice = recommendUnlock(door.brief);
  // A supply's dial or an operator may time the lock, whatever the controller is set to.
  const keeper = verdict?.release && verdict.release.device !== device.id ? verdict.release : null;
  const real = keeper?.seconds ?? times.unlock;
  const recommend = () => {
    if (keeper?.setting)
      dispatch(
        { kind: 'setSetting', device: keeper.device, setting: keeper.setting, value: advice.recommended },
        'set the unlock time',
      );
    else set('unlock', advice.recommended);
  };
  return (
    <StationFrame door={door}>
      <div className={css['timing']}>
        <section className={css['fields']} aria-label="Times">
          <h2>Times kept by {device.tag}</h2>
          <Seconds
            label="Unlock time"
            hint="After a valid card or code."
            value={times.unlock}
            range={range('unlock')}
            onKeep={(value) => set('unlock', value)}
          />
          {keeper && (
            <p className={css['keeper']}>
              The lock follows {plan.devices[keeper.device]?.tag}: released {keeper.seconds} s after a card or
              code.
            </p>
          )}
          <Seconds
            label="Exit time"
            hint="After an exit request."
            value={times.exit}
            range={range('exit')}
            onKeep={(value) => set('exit', value)}
          />
          {times.relock && (
            <ChoiceField
              label="Re-lock"
              hint="On close stops the next person from following; it needs a door contact."
              value={times.relock}
              options={[
                { value: 'close', label: 'When the door closes' },
                { value: 'time', label: 'When the time is up' },
              ]}
              onChange={(value) => set('relock', value)}
            />
          )}
          {times.held !== null && (
            <Seconds
              label="Held-open alarm after"
              value={times.held}
              range={range('held')}
              onKeep={(value) => set('held', value)}
            />
          )}
        </section>
        <section className={css['advice']} aria-label="Recommended unlock time">
          <h2>Recommended unlock time</h2>
          <p className={css['big']}>{advice.recommended} s</p>
          <table>
            <caption className="hush">How the unlock time comes about</caption>
            <tbody>
              <tr>
                <th scope="row">Notice the release</th>
                <td>{REACTION_SECONDS.toFixed(1)} s</td>
              </tr>
              <tr>
                <th scope="row">
                  Walk {advice.distance} m at {advice.speed} m/s
                </th>
                <td>{advice.walk.toFixed(1)} s</td>
              </tr>
              <tr>
                <th scope="row">Take the handle</th>
                <td>{HANDLE_SECONDS.toFixed(1)} s</td>
              </tr>
              <tr>
                <th scope="row">Together, rounded up, never below 5 s</th>
                <td>{advice.recommended} s</td>
              </tr>
            </tbody>
          </table>
          {(keeper ? keeper.setting && real < advice.recommended : real !== advice.recommended) && (
            <Button look={real < advice.recommended ? 'main' : 'plain'} onClick={recommend}>
              Set {advice.recommended} s
            </Button>
          )}
        </section>
        <Effect door={door} times={times} distance={advice.walk + REACTION_SECONDS} />
      </div>
    </StationFrame>
  );
}

function Seconds({
  label,
  hint,
  value,
  range,
  onKeep,
}: {
  label: string;
  hint?: string;
  value: number;
  range: { min: number; max: number } | null;
  onKeep(value: number): void;
}) {
  const [text, setText] = useState<string | null>(null);
  const next = Number((text ?? String(value)).replace(',', '.'));
  const { min = 1, max = 99 } = range ?? {};
  const valid = Number.isInteger(next) && next >= min && next <= max;
  const keep = () => {
    if (text !== null && valid && next !== value) onKeep(next);
    if (valid) setText(null);
  };
  return (
    <TextField
      label={label}
      hint={hint}
      unit="s"
      inputMode="numeric"
      value={text ?? String(value)}
      error={valid ? null : `Whole seconds from ${min} to ${max}.`}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      className={css['seconds']}
    />
  );
}

/** Two passes through the door, computed by the engine with these times. */
function Effect({ door, times, distance }: { door: Door; times: DoorTimes; distance: number }) {
  const plan = usePlan();
  const { devices, conductors } = plan;
  const passes = useMemo(() => {
    const world = buildWorld(plan, door.id);
    const card: Stimulus = { kind: 'credential', valid: true };
    const walk = Math.round(distance * 1000);
    return {
      span: Math.max(10, times.unlock + 4, distance + 8) * 1000,
      list: [
        { name: 'Let in, nobody comes', samples: play(world, [[0, card]]) },
        {
          name: `Let in, ${door.brief.readerDistance} m to walk, through, door falls shut`,
          samples: play(world, [
            [0, card],
            [walk, { kind: 'openDoor', from: 'outside' }],
            [walk + 3000, { kind: 'closeDoor' }],
          ]),
        },
      ],
    };
  }, [devices, conductors, door, times.unlock, times.exit, times.relock, distance]);
  return (
    <section className={css['effect']} aria-label="What these times do">
      <h2>What these times do</h2>
      {passes.list.map(({ name, samples }, index) => (
        <div key={name} className={css['pass']}>
          <h3>{name}</h3>
          {index === 1 && !samples.some((one) => one.door === 'open') && (
            <p className={css['late']}>Too late: the door is locked again before they reach the handle.</p>
          )}
          <Strip
            name="Lock"
            samples={samples}
            span={passes.span}
            look={(s) => s.lock}
            text={(s) => LANE_WORDS[s.lock]}
          />
          <Strip name="Door" samples={samples} span={passes.span} look={(s) => s.door} text={(s) => s.door} />
        </div>
      ))}
      <p className={css['scale']} aria-hidden>
        <span>0 s</span>
        <span>{Math.round(passes.span / 1000)} s</span>
      </p>
    </section>
  );
}

/** Plays stimuli at given times and samples every change up to two minutes. */
function play(world: World, acts: readonly (readonly [number, Stimulus])[]): LaneSample[] {
  let state = atRest(world);
  const samples: LaneSample[] = [];
  for (const [index, [at, stimulus]] of acts.entries()) {
    state = stimulate(world, advance(world, state, at).state, stimulus).state;
    samples.push(sampleLanes(world, state));
    samples.push(...foresee(world, state, acts[index + 1]?.[0] ?? 120_000));
  }
  return samples;
}

function Strip({
  name,
  samples,
  span,
  look,
  text,
}: {
  name: string;
  samples: readonly LaneSample[];
  span: number;
  look(s: LaneSample): string;
  text(s: LaneSample): string;
}) {
  const runs: { from: number; to: number; look: string; text: string }[] = [];
  samples.forEach((sample, index) => {
    const to = Math.min(span, samples[index + 1]?.at ?? span);
    const last = runs.at(-1);
    if (sample.at >= span) return;
    if (last && last.look === look(sample)) last.to = to;
    else runs.push({ from: sample.at, to, look: look(sample), text: text(sample) });
  });
  return (
    <div className={css['strip']}>
      <span>{name}</span>
      <div
        role="img"
        aria-label={`${name}: ${runs.map((run) => `${run.text} from ${(run.from / 1000).toFixed(1)} s`).join(', ')}`}
      >
        {runs.map((run) => (
          <i
            key={run.from}
            className={colours[run.look]}
            style={{ left: `${(run.from / span) * 100}%`, width: `${((run.to - run.from) / span) * 100}%` }}
          >
            {run.text}
            {run.to < span && run.look === 'free' ? ` ${((run.to - run.from) / 1000).toFixed(1)} s` : ''}
          </i>
        ))}
      </div>
    </div>
  );
}
