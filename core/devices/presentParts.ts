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

/** A joint inside the housing stands for the terminal that its first resistor, link or contact leads to; a terminal for itself. */
export function outerPin(type: DeviceType, point: string): string {
  if (!point.startsWith('~')) return point;
  const here = type.parts.filter(({ a, b }) => a === point || b === point);
  const way =
    here.find(({ kind }) => kind === 'resistor' || kind === 'link') ??
    here.find(({ kind }) => kind === 'contact');
  return way ? (way.a === point ? way.b : way.a) : point;
}
