import type { BusPort, Channel, DeviceFunction, DeviceType, Setting } from './deviceType';
import { channelsOf, functionOf } from './functions';
import { CHANNEL_ROLES, SETTING_ROLES, type SettingRole } from './settingRoles';

/** The one thing that a type of the first versions did. */
export type OldBehaviour =
  | { readonly kind: 'passive' }
  | {
      readonly kind: 'controller';
      readonly board: string;
      readonly channels: readonly Channel[];
      readonly bus?: BusPort | undefined;
    }
  | { readonly kind: 'keypad'; readonly board: string; readonly channels: readonly Channel[] }
  | Exclude<DeviceFunction, { readonly kind: 'decides' | 'ownCodes' | 'busHost' }>;

/** The same as functions. A controller of old may listen on a bus; a keypad of old judges what is typed at it, and has a bell key. */
export function functionsOfOld(old: OldBehaviour): readonly DeviceFunction[] {
  switch (old.kind) {
    case 'passive':
      return [];
    case 'controller': {
      const { board, channels, bus } = old;
      return [
        { kind: 'decides', board, channels },
        ...(bus ? [{ kind: 'busHost', board, bus } as const] : []),
      ];
    }
    case 'keypad':
      return [
        { kind: 'decides', board: old.board, channels: old.channels },
        { kind: 'ownCodes', board: old.board, bell: 'ringing' },
      ];
    default:
      return [old];
  }
}

/** Roles that belong to the device as a whole and used to be known by the setting's id. */
const BY_ID: ReadonlySet<string> = new Set<SettingRole>([
  'hours',
  'output',
  'range',
  'offline',
  'frame',
  'ip',
  'mac',
]);

/**
 * Gives the settings of a type their roles where they have none: types made before settings had roles say what a setting
 * is for by its name, `ch1.unlock` behind the prefix of its channel.
 */
export function withSettingRoles(type: DeviceType): DeviceType {
  const prefixes = channelsOf(type).map(({ settings }) => settings);
  const operator = functionOf(type, 'operator')?.settings ?? null;
  let changed = false;
  const settings = type.settings.map((setting): Setting => {
    if (setting.role !== undefined) return setting;
    const dot = setting.id.lastIndexOf('.');
    const [prefix, name] = [setting.id.slice(0, Math.max(0, dot)), setting.id.slice(dot + 1)];
    const role = SETTING_ROLES.find((one) => one === name);
    if (role === undefined) return setting;
    const channel = prefixes.indexOf(prefix);
    if (dot > 0 && channel >= 0 && CHANNEL_ROLES.has(role)) {
      changed = true;
      return { ...setting, role, channel };
    }
    const whole = dot < 0 && (BY_ID.has(name) || (name === 'set' && type.roles.intercom !== undefined));
    if (whole || (dot > 0 && prefix === operator && ['delay', 'opening', 'stay'].includes(name))) {
      changed = true;
      return { ...setting, role };
    }
    return setting;
  });
  return changed ? { ...type, settings } : type;
}
