import {
  deviceOf,
  findIn,
  pinOf,
  terminalId,
  type Act,
  type Conductor,
  type Device,
  type DeviceId,
  type DoorId,
  type Plan,
  type Scenario,
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

/** A scenario at another door: what is done there is done to the devices and wires as they are called there. */
export const renamedScenario = (of: Renaming, scenario: Scenario, from: DoorId, to: DoorId): Scenario => {
  const moved = (id: string) =>
    of.get(id) ?? (id.startsWith(`${from}/`) ? `${to}${id.slice(from.length)}` : id);
  return {
    ...scenario,
    id: moved(scenario.id),
    door: to,
    acts: scenario.acts.map((act): Act => {
      if ('device' in act && act.device !== null) return { ...act, device: moved(act.device) };
      return 'wire' in act ? { ...act, wire: moved(act.wire) } : act;
    }),
    kept:
      scenario.kept &&
      Object.fromEntries(
        Object.entries(scenario.kept).map(([lane, runs]) => [lane.replaceAll(`${from}/`, `${to}/`), runs]),
      ),
  };
};

/** Keypad slots under the new names of their keypads. */
export const renamedSlots = (
  of: Renaming,
  slots: Readonly<Record<string, number>>,
): Readonly<Record<string, number>> =>
  Object.fromEntries(Object.entries(slots).map(([device, slot]) => [of.get(device) ?? device, slot]));
