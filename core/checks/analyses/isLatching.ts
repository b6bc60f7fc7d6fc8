import { functionsOf, settingValue, type DeviceType } from '../../devices/index';
import type { Device } from '../../plan/index';

/** True where a fire relay latches, or is no fire relay. */
export const isLatching = (settings: Device['settings'], type: DeviceType): boolean =>
  functionsOf(type, 'fireRelay').every(
    ({ latchSetting }) => settingValue(type, settings, latchSetting) === 'latching',
  );
