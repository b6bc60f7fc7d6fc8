import { compileNetlist, type Netlist } from '../circuit/index';
import {
  resolveLock,
  roleValue,
  type DeviceType,
  type ResolvedLock,
  type SettingRole,
} from '../devices/index';
import type { SimState } from './simState';
import {
  deviceOf,
  pinOf,
  scopeOf,
  typeIn,
  type Device,
  type Door,
  type DoorId,
  type Plan,
} from '../plan/index';

/** A device that lives in a simulation. */
export interface Inhabitant {
  readonly device: Device;
  readonly type: DeviceType;
  /** How many times as long its timers take as they are set to; as long where nothing is said. */
  readonly pace?: number;
}

/** A lock with what its settings and its wires make of it. */
export interface LockAt extends Inhabitant {
  readonly resolved: ResolvedLock;
}

/** What never changes while one door is simulated. */
export interface World {
  readonly door: Door;
  readonly netlist: Netlist;
  readonly inhabitants: readonly Inhabitant[];
  readonly byId: ReadonlyMap<string, Inhabitant>;
  /** Locks that stand at this door. */
  readonly locks: readonly LockAt[];
  /** Locks of the other doors that are in this circuit. */
  readonly beside: readonly LockAt[];
  /** Settles a state in place of `settleState`, and says the same: out of a memory, for whoever settles the same over and over. */
  readonly settledBy?: {
    /** The circuit that it remembers; of another it knows nothing. */
    readonly netlist: Netlist;
    settle(state: SimState): SimState;
  };
}

/** Compiles a door for simulation. Throws where the door is not in the plan. */
export function buildWorld(plan: Plan, doorId: DoorId): World {
  const door = plan.doors[doorId];
  if (!door) throw new Error(`no door "${doorId}" in the plan`);
  const scope = scopeOf(plan, doorId);
  const inhabitants = scope.devices.map((device) => ({ device, type: typeIn(plan, device) }));
  const locks = inhabitants.flatMap(({ device, type }): LockAt[] => {
    const landed = (pin: string) =>
      scope.conductors.some(({ from, to }) =>
        [from, to].some((end) => deviceOf(end) === device.id && pinOf(end) === pin),
      );
    const resolved = resolveLock(type, device.settings, landed);
    return resolved ? [{ device, type, resolved }] : [];
  });
  return {
    door,
    netlist: compileNetlist(scope),
    inhabitants,
    byId: new Map(inhabitants.map((one) => [one.device.id, one])),
    locks: locks.filter(({ device }) => device.door === doorId),
    beside: locks.filter(({ device }) => device.door !== null && device.door !== doorId),
  };
}

/** Seconds a device keeps for a role, on one of its channels, in milliseconds. */
export function settingMs(
  { device, type, pace = 1 }: Inhabitant,
  role: SettingRole,
  otherwise: number,
  channel = 0,
): number {
  const value = roleValue(type, device.settings, role, channel);
  return (typeof value === 'number' ? value : otherwise) * 1000 * pace;
}

/** The same door with timers that run slower (above 1) or faster than they are set to, by device. */
export function paced(world: World, paces: ReadonlyMap<string, number>): World {
  const inhabitants = world.inhabitants.map((one) => {
    const pace = paces.get(one.device.id);
    return pace === undefined ? one : { ...one, pace };
  });
  return { ...world, inhabitants, byId: new Map(inhabitants.map((one) => [one.device.id, one])) };
}
