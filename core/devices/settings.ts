import type { Setting, SettingValue } from './deviceType';
import { CHANNEL_ROLES, TEXT_FORMATS, type SettingRole } from './settingRoles';

type WithSettings = { readonly settings: readonly Setting[] };

/** True where a value is one that this setting takes. */
export function settingFits(spec: Setting, value: SettingValue): boolean {
  switch (spec.kind) {
    case 'choice':
      return spec.options.some((option) => option.value === value);
    case 'number':
      return typeof value === 'number' && value >= spec.min && value <= spec.max;
    case 'text':
      return typeof value === 'string' && (value === '' || TEXT_FORMATS[spec.format].test(value));
  }
}

/** What keeps a type from taking this value; null where it takes it. */
export function settingFault(
  type: WithSettings,
  id: string,
  value: SettingValue,
): 'unknown-setting' | 'bad-value' | null {
  const spec = type.settings.find((one) => one.id === id);
  if (!spec) return 'unknown-setting';
  return settingFits(spec, value) ? null : 'bad-value';
}

/** The setting of a type that has this role; on this channel, counted from 0, where each channel has its own. */
export const settingFor = (type: WithSettings, role: SettingRole, channel = 0): Setting | undefined =>
  type.settings.find(
    (setting) => setting.role === role && (!CHANNEL_ROLES.has(role) || (setting.channel ?? 0) === channel),
  );

/** The value that a device has for a role; undefined where its type has no such setting. */
export function roleValue(
  type: WithSettings,
  settings: Readonly<Record<string, SettingValue>>,
  role: SettingRole,
  channel = 0,
): SettingValue | undefined {
  const setting = settingFor(type, role, channel);
  return setting && (settings[setting.id] ?? setting.initial);
}
