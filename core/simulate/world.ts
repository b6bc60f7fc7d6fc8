import { compileNetlist, type Netlist } from '../circuit/index';
import { settingValue, typeOf, type DeviceType } from '../devices/index';
import { scopeOf, type Device, type Door, type DoorId, type Plan } from '../plan/index';

/** A device that lives in a simulation. */
export interface Inhabitant {
  readonly device: Device;
  readonly type: DeviceType;
}

/** What never changes while one door is simulated. */
export interface World {
  readonly door: Door;
  readonly netlist: Netlist;
  readonly inhabitants: readonly Inhabitant[];
  /** Locks that stand at this door. */
  readonly locks: readonly Inhabitant[];
}

/** Compiles a door for simulation. Throws where the door is not in the plan. */
export function buildWorld(plan: Plan, doorId: DoorId): World {
  const door = plan.doors[doorId];
  if (!door) throw new Error(`no door "${doorId}" in the plan`);
  const scope = scopeOf(plan, doorId);
  const inhabitants = scope.devices.map((device) => ({ device, type: typeOf(device.type) }));
  return {
    door,
    netlist: compileNetlist(scope),
    inhabitants,
    locks: inhabitants.filter(({ device, type }) => device.door === doorId && type.lock !== undefined),
  };
}

/** Seconds a device keeps for a setting, in milliseconds. */
export function settingMs({ device, type }: Inhabitant, id: string, otherwise: number): number {
  const value = settingValue(type, device.settings, id);
  return (typeof value === 'number' ? value : otherwise) * 1000;
}
