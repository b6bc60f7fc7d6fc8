import { settingValue, typeOf, type DeviceType, type Roles } from '../devices/index';
import { scopeOf, terminalId, type DeadState, type Device, type DoorId, type Plan } from '../plan/index';

/** A device with its type, as templates and checks want it. */
export interface Placed {
  readonly device: Device;
  readonly type: DeviceType;
}

/** A door's devices sorted by the job they do. */
export interface DoorParts {
  readonly locks: readonly Placed[];
  readonly supplies: readonly Placed[];
  /** Controller or keypad that decides for this door. */
  readonly decider: Placed | null;
  /** Which of the decider's channels serves this door, from 0. */
  readonly channel: number;
  readonly exits: readonly Placed[];
  readonly contacts: readonly Placed[];
  readonly readers: readonly Placed[];
  /** Fire relays first, then break glasses: the order they stand in the supply leg. */
  readonly fireRelays: readonly Placed[];
  readonly breakGlasses: readonly Placed[];
  readonly diodes: readonly Placed[];
  readonly all: readonly Placed[];
}

export const placed = (device: Device): Placed => ({ device, type: typeOf(device.type) });

/** Sorts the devices that stand at a door or serve it. A shared supply or controller counts where wires reach it. */
export function doorParts(plan: Plan, door: DoorId): DoorParts {
  const own = Object.values(plan.devices).filter((device) => device.door === door);
  const shared = sharedWith(plan, door);
  const all = [byTag(own), byTag(shared)].flat().map(placed);
  const mine = all.filter(({ device }) => device.door === door);
  const family = (name: DeviceType['family'], from = mine) => from.filter(({ type }) => type.family === name);
  const deciders = [...family('controller', all), ...family('keypad', all)];
  const decider = deciders.find(({ device }) => device.door === door) ?? deciders[0] ?? null;
  const releases = family('release');
  return {
    locks: family('lock'),
    supplies: family('supply', all),
    decider,
    channel: decider ? channelFor(plan, door, decider) : 0,
    exits: family('exit'),
    contacts: family('contact'),
    readers: family('reader'),
    fireRelays: releases.filter(({ type }) => type.behaviour.kind === 'fireRelay'),
    breakGlasses: releases.filter(({ type }) => type.behaviour.kind === 'breakGlass'),
    diodes: family('suppression'),
    all,
  };
}

const byTag = (devices: Device[]): Device[] =>
  [...devices].sort((a, b) => a.tag.localeCompare(b.tag, 'en', { numeric: true }));

/**
 * Supplies and controllers of the site that wires join to this door, and those that stand at no door at all
 * where the door has none of its own.
 */
function sharedWith(plan: Plan, door: DoorId): Device[] {
  const reached = scopeOf(plan, door).devices.filter((device) => device.door !== door);
  const families = new Set(
    Object.values(plan.devices)
      .filter((device) => device.door === door)
      .map((device) => typeOf(device.type).family),
  );
  const common = Object.values(plan.devices).filter(
    (device) => device.door === null && !families.has(typeOf(device.type).family),
  );
  return [...new Set([...reached, ...common])].filter((device) =>
    ['supply', 'controller'].includes(typeOf(device.type).family),
  );
}

/** The channel whose contact or inputs this door's wires land on; the first free one where none do. */
function channelFor(plan: Plan, door: DoorId, decider: Placed): number {
  const switches = decider.type.roles.switches ?? [];
  const use = switches.map((_, index) => {
    const pins = channelPins(decider.type.roles, index).map((pin) => terminalId(decider.device.id, pin));
    const doors = Object.values(plan.conductors)
      .filter((conductor) => pins.includes(conductor.from) || pins.includes(conductor.to))
      .map((conductor) => conductor.door);
    return { index, mine: doors.includes(door), taken: doors.some((other) => other !== door) };
  });
  return (use.find((one) => one.mine) ?? use.find((one) => !one.taken))?.index ?? 0;
}

function channelPins(roles: Roles, index: number): string[] {
  const contact = roles.switches?.[index];
  return [
    contact?.com,
    contact?.nc,
    contact?.no,
    roles.exitInputs?.[index]?.input,
    roles.contactInputs?.[index]?.input,
    roles.dataInputs?.[index]?.d0,
  ].filter((pin) => pin !== undefined);
}

/** The dead state a lock really has: a magnet's nature, a strike's screw. Null for what is no lock. */
export function lockDeadState({ device, type }: Placed): DeadState | null {
  if (!type.lock) return null;
  if (type.lock.kind === 'magnet') return 'fail-safe';
  return settingValue(type, device.settings, type.lock.modeSetting) === 'fail-safe'
    ? 'fail-safe'
    : 'fail-secure';
}
