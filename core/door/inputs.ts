import { functionsOf, settingValue, type DeviceType } from '../devices/index';
import { inputsNamed } from '../functions/names';
import type { Placed } from './doorParts';

/** What an input is there for. */
export type InputPurpose =
  | 'exit'
  | 'contact'
  | 'status'
  | 'fire'
  | 'data'
  | 'alarm'
  | 'bell'
  | 'tamper'
  | 'lockdown'
  | 'interlock'
  | 'aux'
  /** Lets somebody through a delayed egress, and re-arms it. */
  | 'bypass'
  | 'rearm'
  | 'other';

/** An input of a device by what it is there for. */
export interface InputAt {
  /** Branch id: `device:part`. */
  readonly id: string;
  readonly device: string;
  readonly type: DeviceType;
  readonly part: string;
  /** Terminal the asking wire lands on, and the one it is read against. */
  readonly pin: string;
  readonly common: string;
  readonly purpose: InputPurpose;
  /** Channel it belongs to, from 0; null for one of the device as a whole. */
  readonly channel: number | null;
}

/** What an input is there for that does what a setting says. */
const ACTS: ReadonlyMap<string, InputPurpose> = new Map(
  (['exit', 'fire', 'tamper', 'lockdown', 'interlock', 'aux'] as const).map((one) => [one, one]),
);

/** Purpose and channel of the inputs that a type's functions read, by part. */
function readBy(
  type: DeviceType,
  settings: Placed['device']['settings'],
): Map<string, { purpose: InputPurpose; channel: number | null }> {
  const known = new Map<string, { purpose: InputPurpose; channel: number | null }>();
  const put = (part: string | null | undefined, purpose: InputPurpose, channel: number | null) => {
    if (part) known.set(part, { purpose, channel });
  };
  for (const [part, purpose, channel] of type.functions.flatMap(inputsNamed)) put(part, purpose, channel);
  for (const { input, acts, ofChannel } of functionsOf(type, 'input')) {
    const does = typeof acts === 'string' ? acts : settingValue(type, settings, acts.setting);
    put(input, ACTS.get(String(does)) ?? 'other', does === 'exit' ? (ofChannel ?? 0) : null);
  }
  return known;
}

/** Inputs of these devices that are there for something that is known. */
export const inputsOf = (devices: readonly Placed[]): InputAt[] =>
  devices.flatMap(({ device, type }) => {
    const behaves = readBy(type, device.settings);
    const { statusInputs, alarmInput, bellInput } = type.roles;
    const purposeOf = (pin: string): InputPurpose => {
      if (statusInputs?.some(({ input }) => input === pin)) return 'status';
      if (alarmInput?.input === pin) return 'alarm';
      return bellInput?.input === pin ? 'bell' : 'other';
    };
    return type.parts.flatMap((part): InputAt[] => {
      if (part.kind !== 'input') return [];
      // An input that stands twice, plain and supervised, is one by its terminal.
      const twin = type.parts.find((one) => one.kind === 'input' && one.a === part.a && behaves.has(one.id));
      const known = twin && behaves.get(twin.id);
      return [
        {
          id: `${device.id}:${part.id}`,
          device: device.id,
          type,
          part: part.id,
          pin: part.a,
          common: part.b,
          ...(known ?? { purpose: purposeOf(part.a), channel: null }),
        },
      ];
    });
  });
