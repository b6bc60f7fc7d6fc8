import { compileNetlist, type Netlist } from '../circuit/index';
import { resolveLock, type ResolvedLock } from '../devices/index';
import type { Inhabitant } from '../functions/index';
import type { SimState } from './simState';
import { deviceOf, pinOf, scopeOf, typeIn, type Door, type DoorId, type Plan } from '../plan/index';

export { settingMs, type Inhabitant } from '../functions/index';

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

/** The same door with timers that run slower (above 1) or faster than they are set to, by device. */
export function paced(world: World, paces: ReadonlyMap<string, number>): World {
  const inhabitants = world.inhabitants.map((one) => {
    const pace = paces.get(one.device.id);
    return pace === undefined ? one : { ...one, pace };
  });
  return { ...world, inhabitants, byId: new Map(inhabitants.map((one) => [one.device.id, one])) };
}
