import { channelsOf, does, settingFor, settingValue } from '../../devices/index';
import { grantsAt, type Edit, type Plan } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation } from '../violation';

/** Hours that are asked of a door, and what decides there: whether it has a clock, and is told to use it. */
export const hours: Analysis<'plan' | 'door' | 'parts'> = ({ plan, door, parts: { decider, channel } }) => {
  if (!decider) return [];
  const { device, type } = decider;
  const at = [onDevice(device.id)];
  const { tag } = device;
  if (!does(type, 'clock')) {
    const asked = [
      ...(door.freePassage === null ? [] : ['free']),
      ...(door.openingHours === null ? [] : ['opening']),
      ...limitedLevels(plan, door.id),
    ];
    return asked.length === 0 ? [] : [violation('hours-not-kept', at, { tag, asked: asked.join(',') })];
  }
  if (channel >= channelsOf(type).length) return [];
  const setting = settingFor(type, 'free', channel);
  if (!setting) return [];
  const set = settingValue(type, device.settings, setting.id) !== 'no';
  if (set === (door.freePassage !== null)) return [];
  const remedy: Edit = {
    kind: 'setSetting',
    device: device.id,
    setting: setting.id,
    value: set ? 'no' : 'clock',
  };
  return [
    violation('passage-unset', at, { tag, door: door.id, how: set ? 'no-hours' : 'not-set' }, { remedy }),
  ];
};

/** Names of levels that open a door at some hours only. */
const limitedLevels = (plan: Plan, door: string): string[] =>
  Object.values(plan.levels)
    .filter(
      (level) =>
        grantsAt(level, door).some((grant) => grant.hours !== null) ||
        (grantsAt(level, door).length > 0 && (level.exceptions.length > 0 || level.until !== null)),
    )
    .map(({ name }) => name.replaceAll(',', ' '))
    .sort();
