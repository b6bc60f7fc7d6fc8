import { outerPin } from '../devices/index';
import { findTypeIn } from './types';
import type { Conductor } from './schemas/conductor';
import type { Device } from './schemas/device';
import type { Door } from './schemas/door';
import { deviceOf, pinOf, type TerminalId } from './kinds/terminal';
import { conductorsOf, devicesOf, inSiteOrder, wiresInSiteOrder, wiresOn } from './siteIndex';
import { countedNumber, writtenNumber } from './countedNumber';
import { findIn, type DeviceId, type DoorId, type Plan } from './plan';

const natural = new Intl.Collator('en', { numeric: true }).compare;

/** Doors in ledger order. */
export const doorsInOrder = (plan: Plan): Door[] =>
  Object.values(plan.doors).sort((a, b) => a.order - b.order || natural(a.id, b.id));

/** Everything a door's electricity reaches: its own devices and whatever conductors join to them. */
export interface Scope {
  readonly door: DoorId | null;
  readonly devices: readonly Device[];
  readonly conductors: readonly Conductor[];
  readonly types: Plan['types'];
}

/**
 * The electrical scope of a door: its devices, and across conductors every device of the site that shares
 * a supply or a controller with them, in the order of the site: the same wiring always gives the same circuit.
 */
export function scopeOf(plan: Plan, door: DoorId): Scope {
  const { devices, conductors } = joinedTo(
    plan,
    devicesOf(plan, door).map(({ id }) => id),
  );
  return {
    door,
    devices: inSiteOrder(plan, devices),
    conductors: wiresInSiteOrder(conductors),
    types: plan.types,
  };
}

/** Every device that wires join to these, themselves among them, and every wire on one; only by wires that `joins` lets pass. */
export function joinedTo(
  plan: Pick<Plan, 'devices' | 'conductors'>,
  start: Iterable<DeviceId>,
  joins: (wire: Conductor) => boolean = () => true,
): { devices: Set<DeviceId>; conductors: Set<Conductor> } {
  const devices = new Set(start);
  const conductors = new Set<Conductor>();
  const queue = [...devices];
  for (let id = queue.pop(); id !== undefined; id = queue.pop()) {
    for (const conductor of wiresOn(plan, id)) {
      if (conductors.has(conductor) || !joins(conductor)) continue;
      conductors.add(conductor);
      for (const end of [conductor.from, conductor.to]) {
        const other = deviceOf(end);
        if (devices.has(other) || !plan.devices[other]) continue;
        devices.add(other);
        queue.push(other);
      }
    }
  }
  return { devices, conductors };
}

/** How a person writes a terminal of this door: `L1.+`, or `D02/PS1.+V` where it stands at another door. */
export function terminalLabel(plan: Plan, terminal: TerminalId, door: DoorId | null): string {
  const device = plan.devices[deviceOf(terminal)];
  if (!device) return terminal;
  const name = device.door === door || device.door === null ? device.tag : `${device.door}/${device.tag}`;
  // A joint inside the housing has no name that anybody could read on it.
  const type = findTypeIn(plan, device.type);
  return `${name}.${type ? outerPin(type, pinOf(terminal)) : pinOf(terminal)}`;
}

/** The next free tag with this prefix at a door: L1, L2... */
export function nextTag(plan: Plan, door: DoorId | null, prefix: string): string {
  const taken = new Set(devicesOf(plan, door).map((device) => device.tag));
  let n = 1;
  while (taken.has(`${prefix}${n}`)) n += 1;
  return `${prefix}${n}`;
}

/** The next wire number at a door, W01, W02...: beyond every one that is or was there, for it may stand on a label. */
export function nextWireNumber(plan: Plan, door: DoorId, taken: ReadonlySet<string> = new Set()): string {
  const used = [...conductorsOf(plan, door).map(({ number }) => number), ...taken];
  const highest = used.reduce((most, number) => Math.max(most, countedNumber(number, 'W')), 0);
  return writtenNumber('W', Math.max(highest, findIn(plan.doors, door)?.lastWire ?? 0) + 1);
}

/** The next door id, D01, D02...: beyond every one that is or was there, for it may stand on a drawing. */
export function nextDoorId(plan: Plan, taken: Iterable<DoorId> = []): DoorId {
  const used = [...Object.keys(plan.doors), ...taken];
  const highest = used.reduce((most, id) => Math.max(most, countedNumber(id, 'D')), plan.site.lastDoor);
  return writtenNumber('D', highest + 1);
}
