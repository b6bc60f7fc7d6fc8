import { useState } from 'react';
import type { Door } from '#core/plan/index';
import { settingFor } from '#core/devices/index';
import { doorTimes, type TimeRole } from '#core/door/index';
import type { DoorVerdict } from '#core/verdict/index';
import { HANDLE_SECONDS, REACTION_SECONDS, recommendUnlock } from '#core/timing/index';
import { Button } from '../../ui/Button';
import { ChoiceField, TextField } from '../../ui/Field';
import { Empty } from '../../ui/Empty';
import { StationFrame } from '../../parts/StationFrame';
import { useDispatch, usePlan } from '../../store/context';
import { Scenarios } from './Scenarios';
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
            hint={
              keeper
                ? `Asks ${plan.devices[keeper.device]?.tag}, and does not time the lock.`
                : 'After a valid card or code.'
            }
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
                { value: 'open', label: 'As soon as it opens: one person a release' },
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
        <Scenarios door={door} />
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
