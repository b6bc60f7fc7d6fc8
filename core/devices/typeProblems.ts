import { POE_CLASSES } from './poe';
import type { DeviceType } from './deviceType';
import type { Param } from './parts';
import { settingFits } from './settings';
import { settingShapeProblems } from './settingProblems';
import { partsNamed, settingsNamed, statesSet } from '../functions/names';

/** Something that keeps a device type from being used: where, and what about. */
export interface TypeProblem {
  /** Path in the type, such as `parts[2].a`. */
  readonly path: string;
  readonly code:
    | 'no-terminals'
    | 'bad-terminal-id'
    | 'twice'
    | 'unknown-terminal'
    | 'unknown-part'
    | 'unknown-setting'
    | 'unknown-state'
    | 'value-missing'
    | 'same-ends'
    | 'limits-crossed'
    /** A source gives more than the cable that feeds it. */
    | 'beyond-poe'
    /** A setting that starts on a value it does not take. */
    | 'bad-initial'
    /** A setting of another kind than its role or its use asks for. */
    | 'wrong-kind'
    | 'not-positive';
  readonly id: string;
}

/** Terminals hold no dot (it divides device and terminal), no space, and no mark of an inner joint. */
const TERMINAL = /^[^\s.~:|][^\s.:|]{0,11}$/;

/** Every fault of a type that its shape alone cannot rule out. Empty for a type that can be used. */
export function typeProblems(type: DeviceType): TypeProblem[] {
  const problems: TypeProblem[] = [];
  const add = (path: string, code: TypeProblem['code'], id: string) => problems.push({ path, code, id });
  const points = new Set([...type.terminals.map((one) => one.id), ...(type.nodes ?? [])]);
  const parts = new Map(type.parts.map((part) => [part.id, part]));
  const settings = new Map(type.settings.map((setting) => [setting.id, setting]));
  if (type.terminals.length === 0) add('terminals', 'no-terminals', '');
  twice(type.terminals.map((one) => one.id)).forEach((id) => add('terminals', 'twice', id));
  twice(type.settings.map((one) => one.id)).forEach((id) => add('settings', 'twice', id));
  type.terminals.forEach(({ id }, i) => {
    if (!TERMINAL.test(id)) add(`terminals[${i}].id`, 'bad-terminal-id', id);
  });
  twice([...points]).forEach((id) => add('nodes', 'twice', id));
  for (const { path, code, id } of settingShapeProblems(type)) add(path, code, id);
  /** A number by setting: the setting is a choice, and every option has its number. */
  const tableProblems = (path: string, table: Exclude<Param, number>) => {
    const setting = settings.get(table.setting);
    if (!setting) return add(path, 'unknown-setting', table.setting);
    if (setting.kind !== 'choice') return add(path, 'wrong-kind', table.setting);
    for (const { value } of setting.options) {
      if (!Object.hasOwn(table.values, value)) add(path, 'value-missing', value);
    }
    return undefined;
  };
  for (const { path, id, options } of settingNames(type)) {
    const setting = settings.get(id);
    if (!setting) add(path, 'unknown-setting', id);
    else if (options.length > 0 && setting.kind !== 'choice') add(path, 'wrong-kind', id);
    else if (options.length > 0) {
      const missing = options.find((option) => !settingFits(setting, option));
      if (missing) add(path, 'value-missing', missing);
    }
  }
  if (type.lock?.kind === 'magnet' && typeof type.lock.ratedVolts !== 'number')
    tableProblems('lock.ratedVolts', type.lock.ratedVolts);
  const states = knownStates(type);
  const seen = new Map<string, string>();
  type.parts.forEach((part, i) => {
    const at = `parts[${i}]`;
    // Two parts may share an id where settings leave only one of them in place.
    const key = `${part.id}|${part.when ? part.when.is.join() : ''}`;
    if (seen.has(part.id) && (seen.get(part.id) === key || !part.when)) add(`${at}.id`, 'twice', part.id);
    seen.set(part.id, key);
    for (const end of ['a', 'b'] as const) {
      if (!points.has(part[end])) add(`${at}.${end}`, 'unknown-terminal', part[end]);
    }
    if (part.a === part.b) add(`${at}.b`, 'same-ends', part.a);
    if (part.when && !settings.has(part.when.setting))
      add(`${at}.when`, 'unknown-setting', part.when.setting);
    for (const [key, value] of Object.entries(part)) {
      if (isTable(value)) tableProblems(`${at}.${key}`, value);
      if (typeof value === 'number' && /ohms|amps|maxVolts|draw|volts/i.test(key) && !(value > 0))
        add(`${at}.${key}`, 'not-positive', String(value));
    }
    if (part.kind === 'contact') {
      if (!states.has(part.state)) add(`${at}.state`, 'unknown-state', part.state);
      if (part.needs && parts.get(part.needs)?.kind !== 'electronic')
        add(`${at}.needs`, 'unknown-part', part.needs);
    }
    if (part.kind === 'source' && part.battery) {
      const { ampHours, cutOffVolts, fullVolts } = part.battery;
      if (typeof ampHours !== 'number') tableProblems(`${at}.battery.ampHours`, ampHours);
      if (!(cutOffVolts < fullVolts)) add(`${at}.battery.cutOffVolts`, 'limits-crossed', part.id);
    }
    // A regulator cannot give more than its cable does; two parts that jumpers choose between are one source.
    if (
      part.kind === 'source' &&
      type.poe &&
      part.volts * part.maxAmps > POE_CLASSES[type.poe.class].deviceWatts
    )
      add(`${at}.maxAmps`, 'beyond-poe', part.id);
    if (part.kind === 'input' && !(part.closedBelow <= part.openAbove))
      add(`${at}.closedBelow`, 'limits-crossed', part.id);
    if (part.kind === 'input' && parts.get(part.poweredBy)?.kind !== 'electronic')
      add(`${at}.poweredBy`, 'unknown-part', part.poweredBy);
    if (part.kind === 'electronic' && !(part.minVolts <= part.startVolts && part.startVolts < part.maxVolts))
      add(`${at}.minVolts`, 'limits-crossed', part.id);
    if (
      part.kind === 'coil' &&
      typeof part.pullInVolts === 'number' &&
      typeof part.dropOutVolts === 'number' &&
      !(part.dropOutVolts < part.pullInVolts)
    )
      add(`${at}.dropOutVolts`, 'limits-crossed', part.id);
  });
  for (const { path, id } of partNames(type)) if (!parts.has(id)) add(path, 'unknown-part', id);
  for (const pin of roleTerminals(type)) if (!points.has(pin)) add('roles', 'unknown-terminal', pin);
  return problems;
}

const twice = (ids: readonly string[]): string[] => [
  ...new Set(ids.filter((id, index) => ids.indexOf(id) !== index)),
];

const isTable = (value: unknown): value is { setting: string; values: Record<string, number> } =>
  typeof value === 'object' && value !== null && 'values' in value && 'setting' in value;

/** States that a contact may follow: the type's coils, what its functions set, and what the door does to it. */
function knownStates(type: DeviceType): Set<string> {
  const states = new Set(['doorOpen', 'keyed', 'boltIn', 'ringing', 'blown']);
  for (const part of type.parts) if (part.kind === 'coil') states.add(part.id);
  for (const spec of type.functions) for (const [state] of statesSet(spec)) states.add(state);
  return states;
}

/** A setting that the type names, with the values it must be able to take. */
interface NamedSetting {
  readonly path: string;
  readonly id: string;
  readonly options: readonly string[];
}

/** Settings that functions, lock and roles name: what is not there would silently read as nothing. */
function settingNames({ functions, lock, roles, banks }: DeviceType): NamedSetting[] {
  const names: NamedSetting[] = [];
  const add = (path: string, id: string | null | undefined, ...options: string[]) => {
    if (id !== null && id !== undefined) names.push({ path, id, options });
  };
  functions.forEach((one, i) => {
    for (const { key, id, values = [] } of settingsNamed(one)) add(`functions[${i}].${key}`, id, ...values);
  });
  banks?.forEach(({ fields, forbidden = [] }, i) => {
    for (const { setting, code } of fields)
      add(`banks[${i}]`, setting, ...(code === 'binary' ? [] : Object.keys(code)));
    for (const when of forbidden) for (const id of Object.keys(when)) add(`banks[${i}].forbidden`, id);
  });
  if (lock?.kind === 'strike' && lock.mode.by === 'setting')
    add('lock.mode.setting', lock.mode.setting, 'fail-safe', 'fail-secure');
  if (roles.intercom?.part === 'door-station') {
    add('roles.intercom.channelSetting', roles.intercom.channelSetting);
    add('roles.intercom.coresSetting', roles.intercom.coresSetting, 'out');
  }
  return names;
}

/** Parts that functions and the lock name. */
function partNames({ functions, lock }: DeviceType): { readonly path: string; readonly id: string }[] {
  const names: { path: string; id: string }[] = [];
  functions.forEach((one, i) => {
    for (const id of partsNamed(one)) names.push({ path: `functions[${i}]`, id });
  });
  const add = (id: string) => names.push({ path: 'lock', id });
  if (lock?.kind === 'magnet') lock.parts.forEach(add);
  if (lock?.kind === 'strike') {
    const { mode } = lock;
    (mode.by === 'terminal' ? [mode.safe.coil, mode.secure.coil] : [mode.coil]).forEach(add);
  }
  return names;
}

/** Every terminal that the roles name: all their strings but settings and words. */
function roleTerminals(type: DeviceType): string[] {
  const words = new Set(['part', 'channelSetting', 'coresSetting']);
  const walk = (value: unknown, key: string): string[] => {
    if (typeof value === 'string') return words.has(key) ? [] : [value];
    if (Array.isArray(value)) return value.flatMap((one) => walk(one, ''));
    if (typeof value === 'object' && value !== null)
      return Object.entries(value).flatMap(([name, one]) => walk(one, name));
    return [];
  };
  return walk(type.roles, '');
}
