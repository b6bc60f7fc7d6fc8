import {
  BUS_UNIT_LOADS,
  busPortOf,
  functionOf,
  INTERFACES,
  settingValue,
  type BusPort,
  type DeviceType,
} from '../devices/index';
import {
  allConductors,
  allDevices,
  deviceOf,
  pinOf,
  terminalId,
  typeIn,
  type Conductor,
  type Device,
  type DeviceId,
  type Plan,
  type TerminalId,
} from '../plan/index';

/** One device of a bus, in the order the pair reaches it. */
export interface BusMember {
  readonly device: DeviceId;
  readonly address: number | null;
  /** The address as its DIP switches show it, lowest first; empty where it has none. */
  readonly dip: readonly boolean[];
  readonly terminator: boolean | null;
  readonly unitLoads: number;
  /** Metres of cable from the one before. */
  readonly fromPrevious: number;
  /** A and B change places on the way here. */
  readonly swapped: boolean;
  /** Only one of the two wires reaches it. */
  readonly half: boolean;
  /** Devices it is joined to by the pair. */
  readonly neighbours: readonly DeviceId[];
}

/** A bus as wired from its controller. */
export interface BusMap {
  readonly controller: BusMember;
  readonly members: readonly BusMember[];
  /** Longest way along the pair, metres. */
  readonly metres: number;
  readonly limitMetres: number;
  readonly unitLoads: number;
  readonly limitUnitLoads: number;
  /** Devices at which the pair forks: a bus is one line, without branches. */
  readonly forks: readonly DeviceId[];
  /** Devices at the ends of the line, where a terminator belongs. */
  readonly ends: readonly DeviceId[];
}

export const portOf = (type: DeviceType): BusPort | null => busPortOf(type);

/** DIP switches that make up a number, lowest bit first. */
export const dipOf = (value: number, bits: number): boolean[] =>
  Array.from({ length: bits }, (_, bit) => Math.floor(value / 2 ** bit) % 2 === 1);

interface Stop {
  readonly device: DeviceId;
  readonly pin: string;
  readonly metres: number;
  readonly previous: DeviceId | null;
}

/** Every device that one wire of the pair reaches from a terminal, nearest first. */
function walk(plan: Plan, touching: ReadonlyMap<TerminalId, readonly Conductor[]>, from: TerminalId): Stop[] {
  const seen = new Set([from]);
  const stops: Stop[] = [];
  const queue = [{ at: from, metres: 0, stop: deviceOf(from) }];
  for (let here = queue.shift(); here; here = queue.shift()) {
    for (const wire of touching.get(here.at) ?? []) {
      const to = wire.from === here.at ? wire.to : wire.from;
      if (seen.has(to)) continue;
      seen.add(to);
      const metres = here.metres + wire.length;
      const device = plan.devices[deviceOf(to)];
      if (!device) continue;
      const type = typeIn(plan, device);
      if (portOf(type)) {
        stops.push({ device: device.id, pin: pinOf(to), metres, previous: here.stop });
        queue.push({ at: to, metres, stop: device.id });
        continue;
      }
      for (const joined of joint(device, type, pinOf(to))) {
        if (!seen.has(joined)) queue.push({ at: joined, metres, stop: here.stop });
        seen.add(joined);
      }
      queue.push({ at: to, metres, stop: here.stop });
    }
  }
  return stops;
}

/** Terminals of a joint that are one point with this one. */
function joint(device: Device, type: DeviceType, pin: string): TerminalId[] {
  if (type.family !== 'joint') return [];
  return type.terminals.filter(({ id }) => id !== pin).map(({ id }) => terminalId(device.id, id));
}

/** The bus that hangs on this controller; null for a device without a bus port. */
export function busMap(plan: Plan, controllerId: DeviceId): BusMap | null {
  const controller = plan.devices[controllerId];
  const port = controller && portOf(typeIn(plan, controller));
  if (!controller || !port) return null;
  const touching = new Map<TerminalId, Conductor[]>();
  for (const wire of allConductors(plan)) {
    for (const end of [wire.from, wire.to]) touching.set(end, [...(touching.get(end) ?? []), wire]);
  }
  const alongA = walk(plan, touching, terminalId(controllerId, port.a));
  const alongB = walk(plan, touching, terminalId(controllerId, port.b));
  const ids = [...new Set([...alongA, ...alongB].map((stop) => stop.device))];
  const neighbours = new Map<DeviceId, Set<DeviceId>>();
  const link = (a: DeviceId, b: DeviceId) => {
    neighbours.set(a, (neighbours.get(a) ?? new Set()).add(b));
    neighbours.set(b, (neighbours.get(b) ?? new Set()).add(a));
  };
  for (const { device, previous } of [...alongA, ...alongB]) if (previous) link(previous, device);
  const memberOf = (id: DeviceId): BusMember => {
    const device = plan.devices[id]!;
    const type = typeIn(plan, device);
    const own = portOf(type)!;
    const a = alongA.find((stop) => stop.device === id);
    const b = alongB.find((stop) => stop.device === id);
    const value = (setting: string | null) =>
      setting ? settingValue(type, device.settings, setting) : undefined;
    const address = value(own.addressSetting);
    const spec = type.settings.find((setting) => setting.id === own.addressSetting);
    const bits = spec?.kind === 'number' ? (spec.dip ?? 0) : 0;
    const terminator = value(own.terminatorSetting);
    const before = a?.previous ?? b?.previous;
    const previous = [...alongA, ...alongB].find((stop) => stop.device === before)?.metres ?? 0;
    const landed = own.crossed ? own.b : own.a;
    return {
      device: id,
      address: typeof address === 'number' ? address : null,
      dip: typeof address === 'number' ? dipOf(address, bits) : [],
      terminator: terminator === undefined ? null : terminator === 'on',
      unitLoads: own.unitLoads,
      fromPrevious: Math.max(0, (a?.metres ?? b?.metres ?? 0) - previous),
      swapped: a !== undefined && a.pin !== landed,
      half: id !== controllerId && (a === undefined || b === undefined),
      neighbours: [...(neighbours.get(id) ?? [])],
    };
  };
  const head = memberOf(controllerId);
  const members = ids.map(memberOf);
  const all = [head, ...members];
  return {
    controller: { ...head, swapped: false },
    members,
    metres: Math.max(0, ...alongA.map((stop) => stop.metres), ...alongB.map((stop) => stop.metres)),
    limitMetres: INTERFACES.rs485.metres,
    unitLoads: all.reduce((sum, one) => sum + one.unitLoads, 0),
    limitUnitLoads: BUS_UNIT_LOADS,
    forks: all.filter((one) => one.neighbours.length > 2).map((one) => one.device),
    ends: all.filter((one) => one.neighbours.length === 1).map((one) => one.device),
  };
}

/** Every bus of a site, by the controller it hangs on. */
export const busesOf = (plan: Plan): BusMap[] =>
  allDevices(plan).flatMap((device) => {
    const host = functionOf(typeIn(plan, device), 'busHost');
    if (!host) return [];
    return busMap(plan, device.id) ?? [];
  });
