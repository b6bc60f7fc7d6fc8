import { type DeviceType, settingValue } from '../../devices/index';
import type { Device } from '../../plan/index';

/** True where a fire relay latches, or is no fire relay. */
export const isLatching = (settings: Device['settings'], type: DeviceType): boolean =>
  type.behaviour.kind !== 'fireRelay' ||
  settingValue(type, settings, type.behaviour.latchSetting) === 'latching';
