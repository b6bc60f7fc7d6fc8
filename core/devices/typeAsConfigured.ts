import type { Acted, DeviceFunction, DeviceType, DryInput, Roles, Setting, SettingValue } from './deviceType';
import type { FunctionOf } from './functions';
import { settingValue } from './param';

/** A function of a settable input, and what its device is set to make of it. */
interface SetInput {
  readonly spec: FunctionOf<'input'>;
  readonly acts: Acted;
}

type Settings = Readonly<Record<string, SettingValue>>;

/** Inputs of a type whose menu says what they are. */
const settable = ({ functions }: Pick<DeviceType, 'functions'>): FunctionOf<'input'>[] =>
  functions.filter((one): one is FunctionOf<'input'> => one.kind === 'input' && typeof one.acts !== 'string');

/** What each settable input of a device is set to. */
export const setInputs = (type: DeviceType, settings: Settings): SetInput[] =>
  settable(type).map((spec) => ({
    spec,
    acts: (typeof spec.acts === 'string'
      ? spec.acts
      : String(settingValue(type, settings, spec.acts.setting) ?? 'none')) as Acted,
  }));

const known = new WeakMap<DeviceType, Map<string, DeviceType>>();

/**
 * A type as the settings of one device make it: an input that its menu makes the exit or the contact of a door stands where
 * other types have a fixed one, so that whoever wires, simulates or checks need not know that there is a menu. The same object
 * for the same type and values; the type itself where no input is settable. Of several inputs set to be the same one the first
 * is; what the others are, nobody says.
 */
export function typeAsConfigured(type: DeviceType, settings: Settings): DeviceType {
  const inputs = settable(type);
  if (inputs.length === 0) return type;
  const all = setInputs(type, settings);
  const key = all.map(({ acts }) => acts).join();
  const ofType = known.get(type) ?? new Map<string, DeviceType>();
  known.set(type, ofType);
  const before = ofType.get(key);
  if (before) return before;
  const made = withInputs(type, all);
  ofType.set(key, made);
  return made;
}

/** The channel that a settable input belongs to, from 0. */
export const inputChannel = ({ ofChannel = 0 }: FunctionOf<'input'>): number => ofChannel;

/** Inputs that are the exit or contact of a channel that has none of its own; each channel's first. */
export function takenInputs(
  type: Pick<DeviceType, 'functions'>,
  inputs: readonly SetInput[],
  acts: 'exit' | 'contact',
): Map<number, SetInput> {
  const taken = new Map<number, SetInput>();
  const channels = type.functions.flatMap((one) => (one.kind === 'decides' ? one.channels : []));
  for (const one of inputs) {
    const at = channels[inputChannel(one.spec)];
    if (one.acts !== acts || !at || taken.has(inputChannel(one.spec))) continue;
    if (acts === 'exit' ? at.exitInput === '' : at.contactInput === null)
      taken.set(inputChannel(one.spec), one);
  }
  return taken;
}

function withInputs(type: DeviceType, inputs: readonly SetInput[]): DeviceType {
  const exits = takenInputs(type, inputs, 'exit');
  const contacts = takenInputs(type, inputs, 'contact');
  const lockdown = inputs.find(({ acts }) => acts === 'lockdown');
  const gone = new Set([...exits.values(), ...contacts.values()].map(({ spec }) => spec));
  const functions = type.functions.flatMap((one): DeviceFunction[] => {
    if (one.kind === 'input' && gone.has(one)) return [];
    if (one.kind !== 'decides') return [one];
    const channels = one.channels.map((channel, n) => ({
      ...channel,
      exitInput: exits.get(n)?.spec.input ?? channel.exitInput,
      contactInput: contacts.get(n)?.spec.input ?? channel.contactInput,
    }));
    return [{ ...one, channels }];
  });
  const pinsOf = (one: SetInput | undefined): DryInput | undefined => {
    const part = one && type.parts.find(({ id }) => id === one.spec.input);
    return part && { input: part.a, common: part.b };
  };
  const lockdownInput = type.roles.lockdownInput ?? pinsOf(lockdown);
  const roles: Roles = {
    ...type.roles,
    exitInputs: inOrder(type.roles.exitInputs, exits, pinsOf),
    contactInputs: inOrder(type.roles.contactInputs, contacts, pinsOf),
    ...(lockdownInput ? { lockdownInput } : {}),
  };
  return { ...type, functions, roles, settings: type.settings.map((one) => formOf(one, exits)) };
}

/** Terminals by channel: those that the type has, then those of the menu, as far as no channel is without one. */
function inOrder(
  fixed: readonly DryInput[] | undefined,
  taken: ReadonlyMap<number, SetInput>,
  pinsOf: (one: SetInput | undefined) => DryInput | undefined,
): readonly DryInput[] {
  const all: DryInput[] = [];
  for (let n = 0; ; n += 1) {
    const input = fixed?.[n] ?? pinsOf(taken.get(n));
    if (!input) break;
    all.push(input);
  }
  return all;
}

/** How an exit contact rests is said by the input's own setting. */
function formOf(setting: Setting, exits: ReadonlyMap<number, SetInput>): Setting {
  for (const [channel, { spec }] of exits)
    if (spec.restSetting === setting.id) return { ...setting, role: 'form', channel };
  return setting;
}
