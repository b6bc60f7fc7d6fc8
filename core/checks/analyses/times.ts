import { doorTimes, LEAST_SECONDS } from '../../door/index';
import { recommendUnlock } from '../../timing/index';
import { type Analysis, hit, type Hit } from '../hit';

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
  const advice = recommendUnlock(door.brief);
  const at = [{ kind: 'device', id: set.decider.device.id } as const];
  const findings: Hit[] = [];
  const { unlock, relock } = set.kept;
  const put = (setting: string | null, value: number | string) =>
    setting === null
      ? {}
      : ({ remedy: { kind: 'setSetting', device: set.decider.device.id, setting, value } } as const);
  const values = {
    tag: set.decider.device.tag,
    measured: set.unlock,
    limit: advice.recommended,
    distance: advice.distance,
  };
  if (set.unlock < LEAST_SECONDS)
    findings.push(hit('unlock-below-least', at, values, put(unlock, advice.recommended)));
  else if (set.unlock < advice.recommended)
    findings.push(hit('unlock-too-short', at, values, put(unlock, advice.recommended)));
  const channel = set.decider.type.behaviour;
  const input =
    channel.kind === 'controller' || channel.kind === 'keypad'
      ? channel.channels[parts.channel]?.contactInput
      : null;
  const senses = input ? rest.readings.get(`${set.decider.device.id}:${input}`) === 'closed' : false;
  if (set.relock === 'close' && !senses && world.locks.length > 0) {
    findings.push(hit('relock-without-contact', at, { tag: set.decider.device.tag }, put(relock, 'time')));
  }
  return findings;
};
