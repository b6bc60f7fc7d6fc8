import {
  deviceOf,
  findIn,
  pinOf,
  terminalId,
  type Conductor,
  type Device,
  type DeviceId,
  type DoorId,
  type Plan,
  type TerminalId,
} from '../plan/index';

/** Ids of a door's devices as they are called at another door. */
export type Renaming = ReadonlyMap<DeviceId, DeviceId>;

/** A free device id at a door, or for the site: its tag, told from another by a dash. */
export function freeDeviceId(plan: Plan, door: DoorId | null, tag: string): DeviceId {
  let id = door === null ? tag : `${door}/${tag}`;
  while (findIn(plan.devices, id)) id += "'";
  return id;
}

/** How the devices of a door are called once they stand at another. */
export const renaming = (plan: Plan, devices: readonly Device[], to: DoorId | null): Renaming =>
  new Map(devices.map((device) => [device.id, freeDeviceId(plan, to, device.tag)]));

/** A terminal where its device is called something else. */
export const renamedEnd = (of: Renaming, end: TerminalId): TerminalId =>
  terminalId(of.get(deviceOf(end)) ?? deviceOf(end), pinOf(end));

/** A wire at another door, under its own number. */
export const renamedWire = (of: Renaming, wire: Conductor, from: DoorId, to: DoorId): Conductor => ({
  ...wire,
  id: wire.id.startsWith(`${from}/`) ? `${to}${wire.id.slice(from.length)}` : `${to}/${wire.number}`,
  door: to,
  from: renamedEnd(of, wire.from),
  to: renamedEnd(of, wire.to),
  cable: renamedCable(wire.cable, from, to),
});

/** A cable between two doors is called after both: `D01–D02`. */
export const renamedCable = (name: string, from: DoorId, to: DoorId): string =>
  name
    .split('–')
    .map((part) => (part === from ? to : part))
    .join('–');

/** Keypad slots under the new names of their keypads. */
export const renamedSlots = (
  of: Renaming,
  slots: Readonly<Record<string, number>>,
): Readonly<Record<string, number>> =>
  Object.fromEntries(Object.entries(slots).map(([device, slot]) => [of.get(device) ?? device, slot]));
