import { functionOf } from '../../devices/index';
import { doorTimes, LEAST_SECONDS } from '../../door/index';
import { recommendUnlock, releaseByCredential } from '../../timing/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { notWired } from './notWired';

const put = (device: string, setting: string | null, value: number | string) =>
  setting === null ? {} : ({ remedy: { kind: 'setSetting', device, setting, value } } as const);

/** The unlock time against the way people have to walk, and re-locking against what the door can sense. */
export const times: Analysis<'plan' | 'door' | 'parts' | 'world' | 'rest'> = ({
  plan,
  door,
  parts,
  world,
  rest,
}) => {
  const set = doorTimes(plan, door.id, parts);
  if (!set) return [];
  const { device } = set.decider;
  // Whatever times the lock counts: a supply's dial, an operator. What is set is taken where nothing can be measured.
  const real = releaseByCredential(world, rest) ?? {
    seconds: set.unlock,
    device: device.id,
    setting: set.kept.unlock,
  };
  const advice = recommendUnlock(door.brief);
  const values = {
    tag: plan.devices[real.device]?.tag ?? '',
    measured: real.seconds,
    limit: advice.recommended,
    distance: advice.distance,
  };
  const at = [onDevice(real.device)];
  const remedy = put(real.device, real.setting, advice.recommended);
  const findings: Violation[] = [];
  if (real.seconds < LEAST_SECONDS) findings.push(violation('unlock-below-least', at, values, remedy));
  else if (real.seconds < advice.recommended)
    findings.push(violation('unlock-too-short', at, values, remedy));
  const input = functionOf(set.decider.type, 'decides')?.channels[parts.channel]?.contactInput;
  const senses = input ? rest.readings.get(`${device.id}:${input}`) === 'closed' : false;
  // A door that is not wired is to be wired, not to be timed.
  if (notWired({ plan, door, parts })) return findings;
  if (set.relock === 'close' && !senses && world.locks.length > 0)
    findings.push(
      violation(
        'relock-without-contact',
        [onDevice(device.id)],
        { tag: device.tag },
        put(device.id, set.kept.relock, 'time'),
      ),
    );
  const { held } = set.kept;
  if (held !== null && device.settings[held] !== undefined && !senses && world.locks.length > 0)
    findings.push(
      violation('held-without-contact', [onDevice(device.id)], { tag: device.tag, measured: set.held ?? 0 }),
    );
  return findings;
};
