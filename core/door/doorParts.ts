import { does, functionOf, resolveLock, type DeviceType, type Roles } from '../devices/index';
import { fireLineFor, isFireLine, type FireLine } from './fireLine';
import {
  deviceOf,
  devicesOf,
  inSiteOrder,
  joinedTo,
  schoolsOf,
  terminalId,
  typeIn,
  wiresOn,
  type DeadState,
  type Device,
  type Door,
  type DoorId,
  type Plan,
  type Schools,
} from '../plan/index';

/** A device with its type, as templates and checks want it. */
export interface Placed {
  readonly device: Device;
  readonly type: DeviceType;
}

/** A door's devices sorted by the job they do. */
export interface DoorParts {
  readonly door: Door | null;
  readonly schools: Schools;
  /** Dead state that somebody chose for the door, or null. */
  readonly wanted: DeadState | null;
  readonly locks: readonly Placed[];
  /** Whatever feeds others: supplies first, then controllers that feed from their network cable. */
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
  /** Where a door without a fire relay gets the fire line of another door; null where there is none. */
  readonly fireLine: FireLine | null;
  /** Fire relays that stand at no door, for what the doors share. */
  readonly siteFireRelays: readonly Placed[];
  /** Devices whose fire input another door's wires work already. */
  readonly fireWorked: ReadonlySet<Device['id']>;
  /** Diodes and varistors. */
  readonly diodes: readonly Placed[];
  readonly resistors: readonly Placed[];
  readonly relays: readonly Placed[];
  readonly operators: readonly Placed[];
  readonly sounders: readonly Placed[];
  readonly intercoms: readonly Placed[];
  readonly monitors: readonly Placed[];
  readonly all: readonly Placed[];
}

export const placed = (plan: Plan, device: Device): Placed => ({ device, type: typeIn(plan, device) });

/** Sorts the devices that stand at a door or serve it. A shared supply or controller counts where wires reach it. */
export function doorParts(plan: Plan, doorId: DoorId): DoorParts {
  const own = devicesOf(plan, doorId);
  const shared = sharedWith(plan, doorId);
  const all = [byTag(own), byTag(shared)].flat().map((device) => placed(plan, device));
  const mine = all.filter(({ device }) => device.door === doorId);
  const family = (name: DeviceType['family'], from = mine) => from.filter(({ type }) => type.family === name);
  const deciders = [...family('controller', all), ...family('keypad', all)];
  const decider = deciders.find(({ device }) => device.door === doorId) ?? deciders[0] ?? null;
  const releases = family('release');
  const small = family('suppression');
  const isResistor = ({ type }: Placed) => type.parts.some((part) => part.kind === 'resistor');
  const door = plan.doors[doorId] ?? null;
  return {
    door,
    schools: schoolsOf(door ?? { schools: {} }),
    wanted: door?.deadState?.state ?? null,
    locks: family('lock'),
    supplies: [
      ...family('supply', all),
      ...family('controller', all).filter(({ type }) => type.roles.supply),
    ],
    decider,
    channel: decider ? channelFor(plan, doorId, decider) : 0,
    exits: family('exit'),
    // A lid is no leaf.
    contacts: family('contact').filter(({ type }) => !does(type, 'switch') || does(type, 'doorContact')),
    readers: family('reader'),
    fireRelays: releases.filter(({ type }) => does(type, 'fireRelay')),
    fireLine: door ? fireLineFor(plan, door) : null,
    siteFireRelays: devicesOf(plan, null)
      .map((device) => placed(plan, device))
      .filter(({ type }) => does(type, 'fireRelay')),
    fireWorked: new Set(all.filter((one) => isFireWorked(plan, doorId, one)).map(({ device }) => device.id)),
    breakGlasses: releases.filter(({ type }) => does(type, 'breakGlass')),
    diodes: small.filter((one) => !isResistor(one)),
    resistors: small.filter(isResistor),
    relays: family('relay'),
    operators: family('operator'),
    sounders: family('sounder'),
    intercoms: family('intercom'),
    monitors: releases.filter(({ type }) => type.roles.alarmInput),
    all,
  };
}

/** True where a fire relay works the fire input of a device by another door's wires: what this door would lay there is there. */
function isFireWorked(plan: Plan, door: DoorId, { device, type }: Placed): boolean {
  const { input } = type.roles.fireInput ?? {};
  if (input === undefined) return false;
  const at = terminalId(device.id, input);
  return wiresOn(plan, device.id).some(({ door: whose, from, to }) => {
    const other = plan.devices[deviceOf(from === at ? to : from)];
    return whose !== door && [from, to].includes(at) && !!other && does(typeIn(plan, other), 'fireRelay');
  });
}

const byTag = (devices: readonly Device[]): Device[] =>
  [...devices].sort((a, b) => a.tag.localeCompare(b.tag, 'en', { numeric: true }));

/**
 * Supplies and controllers of the site that wires join to this door, and those that stand at no door at all
 * where the door has none of its own.
 */
function sharedWith(plan: Plan, door: DoorId): Device[] {
  const own = devicesOf(plan, door);
  const families = new Set(own.map((device) => typeIn(plan, device).family));
  // A fire line joins two supplies, and neither serves the other's door.
  const reached = joinedTo(
    plan,
    own.map(({ id }) => id),
    (wire) => !isFireLine(plan, wire),
  );
  const common = devicesOf(plan, null).filter((device) => !families.has(typeIn(plan, device).family));
  const shared = new Set([...reached.devices, ...common.map(({ id }) => id)]);
  return inSiteOrder(plan, shared).filter(
    (device) => device.door !== door && ['supply', 'controller'].includes(typeIn(plan, device).family),
  );
}

/**
 * The channel on which most of this door's wires land: one may only borrow a terminal of another for its feed. The first free one
 * where none do.
 */
function channelFor(plan: Plan, door: DoorId, decider: Placed): number {
  const { roles } = decider.type;
  // Outputs may be anything; what it decides for are its doors.
  const doors = functionOf(decider.type, 'decides')?.channels.length ?? 0;
  const count = Math.max(doors, roles.switches?.length ?? 0, roles.wet?.length ?? 0);
  const use = Array.from({ length: count }, (_, index) => {
    const pins = channelPins(roles, index).map((pin) => terminalId(decider.device.id, pin));
    const whose = wiresOn(plan, decider.device.id)
      .filter((conductor) => pins.includes(conductor.from) || pins.includes(conductor.to))
      .map((conductor) => conductor.door);
    const mine = whose.filter((one) => one === door).length;
    return { index, mine, taken: whose.length > mine };
  });
  const most = Math.max(0, ...use.map(({ mine }) => mine));
  return use.find(({ mine, taken }) => (most > 0 ? mine === most : !taken))?.index ?? 0;
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
    roles.wet?.[index]?.['fail-safe'].plus,
  ].filter((pin) => pin !== undefined);
}

/**
 * The dead state a lock really has: a magnet's nature, a strike's screw, a mortise lock's wired terminal. Null for
 * what is no lock, and where nothing in the plan decides.
 */
export function lockDeadState(plan: Pick<Plan, 'conductors'>, { device, type }: Placed): DeadState | null {
  const wires = wiresOn(plan, device.id);
  const landed = (pin: string) => {
    const id = terminalId(device.id, pin);
    return wires.some(({ from, to }) => from === id || to === id);
  };
  return resolveLock(type, device.settings, landed)?.dead ?? null;
}
