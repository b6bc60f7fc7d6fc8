import { cableBetween, lengthBetween } from '../door/index';
import {
  allConductors,
  colourFor,
  deviceOf,
  nextWireNumber,
  terminalId,
  typeIn,
  type Conductor,
  type DeviceId,
  type Edit,
  type Plan,
} from '../plan/index';
import { carried, metres, mm2 } from '../units/index';
import { busMap, portOf } from './busMap';

/** Size of a bus's cores where sizes are metric. */
const BUS_SIZE = mm2(0.34);

/** What laying a bus in a given order changes. */
export interface BusWiring {
  readonly edit: Edit;
  readonly removed: number;
  readonly added: number;
}

/**
 * Lays a bus anew in this order from its controller: one pair from device to device, free addresses kept where
 * they are, the terminator on at the last only. Wires a person laid on the bus are taken out as well: a bus has
 * one line. Null where the first has no bus port.
 */
export function wireBus(plan: Plan, controller: DeviceId, order: readonly DeviceId[]): BusWiring | null {
  const present = busMap(plan, controller);
  if (!present) return null;
  const onBus = new Set([controller, ...present.members.map((one) => one.device), ...order]);
  const pinsOf = (id: DeviceId) => {
    const device = plan.devices[id];
    const port = device && portOf(typeIn(plan, device));
    return port ? { a: terminalId(id, port.a), b: terminalId(id, port.b), port } : null;
  };
  const terminals = new Set([...onBus].flatMap((id) => [pinsOf(id)?.a, pinsOf(id)?.b].filter(Boolean)));
  const removed = allConductors(plan).filter(({ from, to }) => terminals.has(from) && terminals.has(to));
  const edits: Edit[] = removed.map(({ id }): Edit => ({ kind: 'disconnect', id }));
  const taken = new Map<string, Set<string>>();
  const numberFor = (door: string): string => {
    const used = taken.get(door) ?? new Set<string>();
    taken.set(door, used);
    const number = nextWireNumber(plan, door, used);
    used.add(number);
    return number;
  };
  let last = controller;
  let added = 0;
  for (const [index, id] of order.entries()) {
    const [here, before] = [pinsOf(id), pinsOf(last)];
    const device = plan.devices[id];
    if (!here || !before || !device) continue;
    const door = device.door ?? plan.devices[controller]?.door ?? Object.keys(plan.doors)[0] ?? '';
    const [a, b] = here.port.crossed ? [here.b, here.a] : [here.a, here.b];
    for (const [from, to, role] of [
      [before.a, a, 'bus-a'],
      [before.b, b, 'bus-b'],
    ] as const) {
      const number = numberFor(door);
      const ends = [plan.devices[deviceOf(from)], plan.devices[deviceOf(to)]] as const;
      const conductor: Conductor = {
        id: `${door}/${number}`,
        door,
        number,
        from,
        to,
        colour: colourFor(plan.site, role),
        gauge: carried(plan.site.units, BUS_SIZE),
        length: lengthBetween(ends[0], ends[1], metres(12)),
        cable: cableBetween(ends[0], ends[1]),
        origin: 'set',
        assumed: ['length'],
      };
      edits.push({ kind: 'connect', conductor });
      added += 1;
    }
    const terminator = here.port.terminatorSetting;
    if (terminator)
      edits.push({
        kind: 'setSetting',
        device: id,
        setting: terminator,
        value: index === order.length - 1 ? 'on' : 'off',
      });
    last = id;
  }
  return { edit: { kind: 'batch', label: 'lay the bus', edits }, removed: removed.length, added };
}
