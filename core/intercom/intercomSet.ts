import { roleValue, settingValue, type IntercomTerminals } from '../devices/index';
import { allDevices, typeIn, type Device, type DeviceId, type DoorId, type Plan } from '../plan/index';

type Of<P extends IntercomTerminals['part']> = Extract<IntercomTerminals, { part: P }>;

export interface DoorStation {
  readonly device: Device;
  readonly pins: Of<'door-station'>;
  readonly channel: number;
  /** Jumper between E and minus: in for two cores, out for three. */
  readonly jumper: 'in' | 'out';
  /** Relay of its door that the channel's key works, where there is one. */
  readonly relay: { readonly device: Device; readonly plus: string; readonly minus: string } | null;
}

export interface AnsweringStation {
  readonly device: Device;
  readonly pins: Of<'answering-station'>;
}

/** Devices that call each other: one supply, door stations each on a channel, answering stations in parallel. */
export interface IntercomSet {
  readonly name: string;
  readonly supplies: readonly { readonly device: Device; readonly pins: Of<'supply'> }[];
  readonly doorStations: readonly DoorStation[];
  readonly answering: readonly AnsweringStation[];
}

/** Why a set cannot be wired, or what is wrong with it. */
export type IntercomConflict =
  | { readonly kind: 'no-supply' }
  | { readonly kind: 'second-supply'; readonly devices: readonly DeviceId[] }
  | { readonly kind: 'no-answering' }
  | { readonly kind: 'no-door-station' }
  | { readonly kind: 'same-channel'; readonly channel: number; readonly devices: readonly DeviceId[] }
  | {
      readonly kind: 'no-such-channel';
      readonly channel: number;
      readonly device: DeviceId;
      readonly most: number;
    };

/** Every intercom set of a site, by the letter its devices carry. */
export function intercomSets(plan: Plan): IntercomSet[] {
  const sets = new Map<string, Device[]>();
  for (const device of allDevices(plan)) {
    const type = typeIn(plan, device);
    if (!type.roles.intercom) continue;
    const name = String(roleValue(type, device.settings, 'set') || 'A');
    sets.set(name, [...(sets.get(name) ?? []), device]);
  }
  return [...sets]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, devices]) => assemble(plan, name, devices));
}

function assemble(plan: Plan, name: string, devices: readonly Device[]): IntercomSet {
  const of = <P extends IntercomTerminals['part']>(part: P) =>
    [...devices]
      .sort((a, b) => (a.id < b.id ? -1 : 1))
      .flatMap((device) => {
        const pins = typeIn(plan, device).roles.intercom;
        return pins?.part === part ? [{ device, pins: pins as Of<P> }] : [];
      });
  return {
    name,
    supplies: of('supply'),
    answering: of('answering-station'),
    doorStations: of('door-station').map(({ device, pins }) => {
      const type = typeIn(plan, device);
      return {
        device,
        pins,
        channel: Number(settingValue(type, device.settings, pins.channelSetting)),
        jumper: settingValue(type, device.settings, pins.coresSetting) === 'out' ? 'out' : 'in',
        relay: relayAt(plan, device.door),
      };
    }),
  };
}

function relayAt(plan: Plan, door: DoorId | null): DoorStation['relay'] {
  if (door === null) return null;
  for (const device of allDevices(plan)) {
    if (device.door !== door) continue;
    const { coil, poles } = typeIn(plan, device).roles;
    if (coil && poles) return { device, ...coil };
  }
  return null;
}

/** What keeps a set from working, whatever its wires. */
export function intercomConflicts(set: IntercomSet): IntercomConflict[] {
  const conflicts: IntercomConflict[] = [];
  if (set.supplies.length === 0) conflicts.push({ kind: 'no-supply' });
  if (set.supplies.length > 1)
    conflicts.push({ kind: 'second-supply', devices: set.supplies.map(({ device }) => device.id) });
  if (set.answering.length === 0) conflicts.push({ kind: 'no-answering' });
  if (set.doorStations.length === 0) conflicts.push({ kind: 'no-door-station' });
  const channels = new Map<number, DeviceId[]>();
  for (const { device, channel } of set.doorStations)
    channels.set(channel, [...(channels.get(channel) ?? []), device.id]);
  for (const [channel, devices] of channels)
    if (devices.length > 1) conflicts.push({ kind: 'same-channel', channel, devices });
  const most = Math.min(...set.answering.map(({ pins }) => pins.channels.length));
  for (const { device, channel } of set.doorStations)
    if (set.answering.length > 0 && channel > most)
      conflicts.push({ kind: 'no-such-channel', channel, device: device.id, most });
  return conflicts;
}
