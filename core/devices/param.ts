import type { DeviceType, SettingValue } from './deviceType';
import type { Param } from './parts';

/** The value a device has for a setting: its own, or the type's initial one. */
export function settingValue(
  type: Pick<DeviceType, 'settings'>,
  settings: Readonly<Record<string, SettingValue>>,
  id: string,
): SettingValue | undefined {
  return settings[id] ?? type.settings.find((setting) => setting.id === id)?.initial;
}

/** Resolves a parameter against a device's settings. Throws where a type's own table misses the value. */
export function resolveParam(
  param: Param,
  type: DeviceType,
  settings: Readonly<Record<string, SettingValue>>,
): number {
  if (typeof param === 'number') return param;
  const value = param.values[String(settingValue(type, settings, param.setting))];
  if (value === undefined) throw new Error(`${type.id}: no value for setting "${param.setting}"`);
  return value;
}
