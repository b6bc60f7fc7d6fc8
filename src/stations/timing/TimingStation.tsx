import { useState } from 'react';
import type { Door } from '#core/plan/index';
import { settingFor } from '#core/devices/index';
import { doorTimes, type TimeRole } from '#core/door/index';
import type { DoorVerdict } from '#core/verdict/index';
import { HANDLE_SECONDS, REACTION_SECONDS, recommendUnlock } from '#core/timing/index';
import { say } from '#words/stations/timing/TimingStation';
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
        <Empty title={say.nothingKeepsTimeYet}>{say.addControllerKeypadWire}</Empty>
      </StationFrame>
    );
  }
  const { device, type } = times.decider;
  const set = (role: TimeRole, value: string | number) => {
    const setting = times.kept[role];
    if (setting !== null)
      dispatch({ kind: 'setSetting', device: device.id, setting, value }, say.setTheTime(role));
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
        say.setTheUnlockTime,
      );
    else set('unlock', advice.recommended);
  };
  return (
    <StationFrame door={door}>
      <div className={css['timing']}>
        <section className={css['fields']} aria-label={say.times}>
          <h2>{say.timesKeptBy(device.tag)}</h2>
          <Seconds
            label={say.unlockTime}
            hint={keeper ? say.asksDoesNotTime(plan.devices[keeper.device]?.tag) : say.afterValidCardCode}
            value={times.unlock}
            range={range('unlock')}
            onKeep={(value) => set('unlock', value)}
          />
          {keeper && (
            <p className={css['keeper']}>
              {say.theLockFollows} {plan.devices[keeper.device]?.tag}
              {say.releasedSAfterCard(keeper.seconds)}
            </p>
          )}
          <Seconds
            label={say.exitTime}
            hint={say.afterAnExitRequest}
            value={times.exit}
            range={range('exit')}
            onKeep={(value) => set('exit', value)}
          />
          {times.relock && (
            <ChoiceField
              label={say.reLock}
              hint={say.closeStopsNextPerson}
              value={times.relock}
              options={[
                { value: 'close', label: say.whenTheDoorCloses },
                { value: 'time', label: say.whenTheTimeIsUp },
                { value: 'open', label: say.soonOpensOnePerson },
              ]}
              onChange={(value) => set('relock', value)}
            />
          )}
          {times.held !== null && (
            <Seconds
              label={say.heldOpenAlarmAfter}
              value={times.held}
              range={range('held')}
              onKeep={(value) => set('held', value)}
            />
          )}
        </section>
        <section className={css['advice']} aria-label={say.recommendedUnlockTime}>
          <h2>{say.recommendedUnlockTime}</h2>
          <p className={css['big']}>{advice.recommended} s</p>
          <table>
            <caption className="hush">{say.howUnlockTimeComes}</caption>
            <tbody>
              <tr>
                <th scope="row">{say.noticeTheRelease}</th>
                <td>{REACTION_SECONDS.toFixed(1)} s</td>
              </tr>
              <tr>
                <th scope="row">{say.walkMAtMS(advice.distance, advice.speed)}</th>
                <td>{advice.walk.toFixed(1)} s</td>
              </tr>
              <tr>
                <th scope="row">{say.takeTheHandle}</th>
                <td>{HANDLE_SECONDS.toFixed(1)} s</td>
              </tr>
              <tr>
                <th scope="row">{say.togetherRoundedUpNever}</th>
                <td>{advice.recommended} s</td>
              </tr>
            </tbody>
          </table>
          {(keeper ? keeper.setting && real < advice.recommended : real !== advice.recommended) && (
            <Button look={real < advice.recommended ? 'main' : 'plain'} onClick={recommend}>
              {say.setS(advice.recommended)}
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
      error={valid ? null : say.wholeSecondsFromTo(min, max)}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      className={css['seconds']}
    />
  );
}
