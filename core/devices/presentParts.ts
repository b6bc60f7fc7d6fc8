import type { DeviceType, SettingValue } from './deviceType';
import type { Part } from './parts';
import { settingValue } from './param';

/** The parts that are there with these settings: jumpers and DIP switches take some away. */
export const presentParts = (
  type: DeviceType,
  settings: Readonly<Record<string, SettingValue>>,
): readonly Part[] =>
  type.parts.filter(
    ({ when }) => !when || when.is.includes(String(settingValue(type, settings, when.setting))),
  );
