import { functionOf, settingValue } from '../../devices/index';
import { lockDeadState } from '../../door/index';
import { fireReleases } from '../../prove/index';
import { asksOf } from '../../regions/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';

/** The coil side of a fire relay: whether a panel without power, or a cable to it that is cut, releases the door. */
export const fireCoil: Analysis = ({ parts, plan, world, rest }) => {
  const safe = parts.locks.some((lock) => lockDeadState(plan, lock) === 'fail-safe');
  const { fireLine } = asksOf(plan);
  if (!safe || fireLine === 'no') return [];
  return fireReleases(world, rest).flatMap(({ device, type }): Violation[] => {
    const { coilSetting } = functionOf(type, 'fireRelay') ?? {};
    const coil = coilSetting === undefined ? 'unsaid' : settingValue(type, device.settings, coilSetting);
    if (coil === 'at-rest') return [];
    const isIdle = coil === 'on-alarm';
    const severity = fireLine === 'asked' ? (isIdle ? 'fix' : 'caution') : isIdle ? 'caution' : 'note';
    return [
      violation(
        'fire-line-silent',
        [onDevice(device.id)],
        { tag: device.tag, coil: isIdle ? 'idle' : 'unsaid' },
        { severity },
      ),
    ];
  });
};
