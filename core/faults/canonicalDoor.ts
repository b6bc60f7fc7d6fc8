import {
  deviceOf,
  pinOf,
  scopeOf,
  terminalId,
  type Conductor,
  type Device,
  type DoorId,
  type Plan,
  type TerminalId,
} from '../plan/index';
import { buildWorld, type World } from '../simulate/index';
import type { Fault } from './fault';

/** A door on its own, called by a name that every such door is called by. */
export interface Renamed {
  readonly world: World;
  /** A fault of it under the names of the plan. */
  real(fault: Fault): Fault;
}

/** The name that all of them have. It is none that a door of a plan may have. */
const NAME = '·';

/**
 * A door that is joined to no other, under one name for all such doors: built alike, they then are called alike too. Null for a
 * door that shares its circuit, or whose parts are not called after it.
 */
export function canonicalDoor(plan: Plan, door: DoorId): Renamed | null {
  const { devices, conductors } = scopeOf(plan, door);
  const mine = (id: string): boolean => id.startsWith(`${door}/`);
  const at = plan.doors[door];
  if (!at || !devices.every(({ id, door: of }) => of === door && mine(id))) return null;
  if (!conductors.every(({ id }) => mine(id))) return null;
  const called = (id: string): string => NAME + id.slice(door.length);
  const end = (terminal: TerminalId) => terminalId(called(deviceOf(terminal)), pinOf(terminal));
  const byId = <T extends { readonly id: string }>(list: readonly T[]): Record<string, T> =>
    Object.fromEntries(list.map((one) => [one.id, one]));
  const alone: Plan = {
    ...plan,
    doors: { [NAME]: { ...at, id: NAME } },
    devices: byId(devices.map((device): Device => ({ ...device, id: called(device.id), door: NAME }))),
    conductors: byId(
      conductors.map((wire): Conductor => ({
        ...wire,
        id: called(wire.id),
        door: NAME,
        from: end(wire.from),
        to: end(wire.to),
      })),
    ),
  };
  return { world: buildWorld(alone, NAME), real: (fault) => renamedFault(fault, door) };
}

/** Every name in a fault begins with that of its door. */
const renamedFault = (fault: Fault, door: DoorId): Fault =>
  Object.fromEntries(
    Object.entries(fault).map(([key, value]) => [
      key,
      value.startsWith(`${NAME}/`) ? door + value.slice(NAME.length) : value,
    ]),
  ) as unknown as Fault;
