import { functionOf, roleValue, settingFor } from '../../devices/index';
import { onDevice } from '../context';
import { type Analysis, violation, rule } from '../violation';

/** A lock that jams when it is thrown before the door is shut. */
const jamming: Analysis<'parts' | 'rest'> = ({ parts, rest }) => {
  const lock = parts.locks.find(({ type }) => type.lock?.kind === 'strike' && type.lock.jams);
  const { decider, channel } = parts;
  if (!lock || !decider) return [];
  const setting = settingFor(decider.type, 'relock', channel)?.id;
  const relock = roleValue(decider.type, decider.device.settings, 'relock', channel);
  const input = functionOf(decider.type, 'decides')?.channels[channel]?.contactInput;
  const senses = input ? rest.readings.get(`${decider.device.id}:${input}`) === 'closed' : false;
  if (relock === 'close' && senses) return [];
  const remedy =
    setting && relock !== 'close' && senses
      ? { remedy: { kind: 'setSetting', device: decider.device.id, setting, value: 'close' } as const }
      : {};
  return [
    violation(
      'throws-before-shut',
      [onDevice(lock.device.id)],
      { tag: lock.device.tag, other: decider.device.tag },
      remedy,
    ),
  ];
};

export const throwsBeforeShut = rule({
  code: 'throws-before-shut',
  family: 'T',
  station: 'timing',
  severity: 'caution',
  basis: 'practice',
  find: jamming,
});
