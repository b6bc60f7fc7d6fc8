import { does, roleValue } from '../devices/index';
import {
  allDevices,
  deviceOf,
  devicesOf,
  findIn,
  joinedTo,
  typeIn,
  wiresOn,
  type Device,
  type DeviceId,
  type DoorId,
  type Plan,
} from '../plan/index';
import { fireLineFor } from './fireLine';

/** Families of which a door without one of its own uses the site's. */
const SERVING: ReadonlySet<string> = new Set(['supply', 'controller']);

type Sites = {
  /** Devices of the site that belong to no door. */
  readonly common: readonly Device[];
  /** Doors by the letter of the intercom set that a device of theirs belongs to. */
  readonly callers: ReadonlyMap<string, ReadonlySet<DoorId | null>>;
  /** Devices that may release another door in a fire, or be released through one. */
  readonly fire: readonly Device[];
  /** Devices by their network address. */
  readonly network: ReadonlyMap<string, readonly Device[]>;
};

const sites = new WeakMap<Plan['devices'], { readonly types: Plan['types']; readonly of: Sites }>();

/** What reaches across doors without a wire, sorted once a site. */
function acrossDoors(plan: Plan): Sites {
  const known = sites.get(plan.devices);
  if (known?.types === plan.types) return known.of;
  const common: Device[] = [];
  const fire: Device[] = [];
  const callers = new Map<string, Set<DoorId | null>>();
  const network = new Map<string, Device[]>();
  for (const device of allDevices(plan)) {
    const type = typeIn(plan, device);
    if (device.door === null) common.push(device);
    if (type.roles.fireInput || does(type, 'fireRelay')) fire.push(device);
    const set = callerSet(plan, device);
    if (set !== null) callers.set(set, (callers.get(set) ?? new Set()).add(device.door));
    const address = String(roleValue(type, device.settings, 'ip') ?? '');
    if (address !== '') network.set(address, [...(network.get(address) ?? []), device]);
  }
  const of = { common, callers, fire, network };
  sites.set(plan.devices, { types: plan.types, of });
  return of;
}

/** Letter of the intercom set of a device; null where it belongs to none. */
function callerSet(plan: Plan, device: Device): string | null {
  const type = typeIn(plan, device);
  return type.roles.intercom ? String(roleValue(type, device.settings, 'set') || 'A') : null;
}

/** Doors that one door brings with it, and devices, beside those that wires join to it. */
function broughtBy(plan: Plan, door: DoorId): { doors: (DoorId | null)[]; devices: DeviceId[] } {
  const { common, callers } = acrossDoors(plan);
  const own = devicesOf(plan, door);
  const families = new Set(own.map((device) => typeIn(plan, device).family));
  const serving = common.filter((device) => {
    const type = typeIn(plan, device);
    // A fire relay of the site works whatever it is led to, beside any that the door has.
    return does(type, 'fireRelay') || (SERVING.has(type.family) && !families.has(type.family));
  });
  const sets = new Set(own.flatMap((device) => callerSet(plan, device) ?? []));
  const at = findIn(plan.doors, door);
  const line = at && fireLineFor(plan, at);
  const ends = line ? [line.relay.device.id, deviceOf(line.before.input)] : [];
  return {
    doors: [...sets].flatMap((set) => [...(callers.get(set) ?? [])]),
    devices: [...serving.map(({ id }) => id), ...ends],
  };
}

/** What a door feels, with the doors that are in it whole. */
interface Part {
  readonly plan: Plan;
  readonly doors: ReadonlySet<DoorId>;
}

const made = new WeakMap<Plan, Map<DoorId, Part>>();

/**
 * The part of a plan that a door can feel: whatever wires join to it, every door of that, in full, and what reaches a door
 * without a wire: its intercom set, its fire line, the site's own devices, a network address that is noted twice. The door's
 * verdict, its causes and its trials are the same in it as in the whole site, and cost what the part costs.
 */
export const neighbourhood = (plan: Plan, door: DoorId): Plan => around(plan, door).plan;

/** Doors that are whole in the neighbourhood of a door, itself among them. */
export const doorsAround = (plan: Plan, door: DoorId): ReadonlySet<DoorId> => around(plan, door).doors;

function around(plan: Plan, door: DoorId): Part {
  const before = made.get(plan)?.get(door);
  if (before) return before;
  const devices = new Set<DeviceId>();
  const doors = new Set<DoorId>();
  const waiting: DoorId[] = [door];
  const take = (start: readonly DeviceId[]): void => {
    const fresh = start.filter((id) => !devices.has(id));
    if (fresh.length === 0) return;
    for (const id of joinedTo(plan, fresh).devices) {
      if (devices.has(id)) continue;
      devices.add(id);
      const of = plan.devices[id]?.door;
      if (of && !doors.has(of)) waiting.push(of);
    }
  };
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    if (doors.has(next)) continue;
    doors.add(next);
    take(devicesOf(plan, next).map(({ id }) => id));
    const brought = broughtBy(plan, next);
    take(brought.devices);
    for (const one of brought.doors) {
      if (one === null) take(devicesOf(plan, null).map(({ id }) => id));
      else if (!doors.has(one)) waiting.push(one);
    }
  }
  const part: Part = { plan: partOf(plan, devices), doors };
  const parts = made.get(plan) ?? new Map<DoorId, Part>();
  parts.set(door, part);
  made.set(plan, parts);
  return part;
}

/** The plan with these devices, their wires, and bare those that others ask for by what they are. */
function partOf(plan: Plan, inFull: ReadonlySet<DeviceId>): Plan {
  const { common, fire, network } = acrossDoors(plan);
  const kept = new Set(inFull);
  for (const device of [...common, ...fire]) kept.add(device.id);
  for (const twins of network.values())
    if (twins.length > 1 && twins.some(({ id }) => inFull.has(id))) for (const { id } of twins) kept.add(id);
  if (kept.size === Object.keys(plan.devices).length && inFull.size === kept.size) return plan;
  const wires = [...inFull].flatMap((id) => wiresOn(plan, id));
  return {
    ...plan,
    devices: Object.fromEntries(
      [...kept].flatMap((id) => (plan.devices[id] ? [[id, plan.devices[id]]] : [])),
    ),
    conductors: Object.fromEntries(wires.map((wire) => [wire.id, wire])),
  };
}
