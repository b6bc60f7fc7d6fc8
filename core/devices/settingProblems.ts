import type { DeviceType, Setting } from './deviceType';
import { CHANNEL_ROLES, type SettingRole } from './settingRoles';
import { settingFits } from './settings';

/** Which kind of setting each role is. */
const KIND_OF: Readonly<Record<SettingRole, Setting['kind']>> = {
  unlock: 'number',
  exit: 'number',
  relock: 'choice',
  held: 'number',
  rex: 'choice',
  form: 'choice',
  eol: 'choice',
  mode: 'choice',
  tries: 'number',
  lockout: 'number',
  frame: 'text',
  free: 'choice',
  passback: 'choice',
  forgive: 'number',
  delay: 'number',
  opening: 'number',
  stay: 'number',
  hours: 'number',
  output: 'choice',
  set: 'text',
  range: 'choice',
  offline: 'choice',
  ip: 'text',
  mac: 'text',
};

export interface SettingProblem {
  readonly path: string;
  readonly code: 'twice' | 'bad-initial' | 'limits-crossed' | 'wrong-kind';
  readonly id: string;
}

/** Faults of a type's settings in themselves: limits, the value they start on, options and roles that stand twice. */
export function settingShapeProblems({ settings }: Pick<DeviceType, 'settings'>): SettingProblem[] {
  const problems: SettingProblem[] = [];
  const roles = new Set<string>();
  settings.forEach((setting, index) => {
    const add = (key: string, code: SettingProblem['code'], id: string) =>
      problems.push({ path: `settings[${index}].${key}`, code, id });
    if (setting.kind === 'choice') {
      const values = setting.options.map(({ value }) => value);
      if (new Set(values).size < values.length) add('options', 'twice', setting.id);
    }
    if (setting.kind === 'number') {
      if (!(setting.min <= setting.max)) add('min', 'limits-crossed', setting.id);
      if (setting.dip !== undefined && setting.max >= 2 ** setting.dip)
        add('max', 'limits-crossed', setting.id);
    }
    if (!settingFits(setting, setting.initial)) add('initial', 'bad-initial', String(setting.initial));
    const { role } = setting;
    if (role === undefined) return;
    if (KIND_OF[role] !== setting.kind) add('role', 'wrong-kind', setting.id);
    const key = CHANNEL_ROLES.has(role) ? `${role} ${setting.channel ?? 0}` : role;
    if (roles.has(key)) add('role', 'twice', setting.id);
    roles.add(key);
  });
  return problems;
}
