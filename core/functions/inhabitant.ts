import { roleValue, type DeviceType, type SettingRole } from '../devices/index';
import type { Device } from '../plan/index';

/** A device that lives in a simulation. */
export interface Inhabitant {
  readonly device: Device;
  readonly type: DeviceType;
  /** How many times as long its timers take as they are set to; as long where nothing is said. */
  readonly pace?: number;
}

/** Seconds a device keeps for a role, on one of its channels, in milliseconds. */
export function settingMs(
  { device, type, pace = 1 }: Inhabitant,
  role: SettingRole,
  otherwise: number,
  channel = 0,
): number {
  const value = roleValue(type, device.settings, role, channel);
  return (typeof value === 'number' ? value : otherwise) * 1000 * pace;
}
