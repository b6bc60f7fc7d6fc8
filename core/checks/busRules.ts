import { roleValue, settingFor } from '../devices/index';
import { busMap, portOf, type BusMap } from '../bus/index';
import { findTypeIn, typeIn, type Device, type Edit, type Plan } from '../plan/index';
import { addressOf } from '../simulate/index';
import { finder, onDevice, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('D', 'wire');

/** The bus that this door's controller has and this door's readers hang on. */
function busOf({ plan, parts, door }: CheckContext): BusMap | null {
  const { decider } = parts;
  if (!decider || !portOf(decider.type)) return null;
  const bus = busMap(plan, decider.device.id);
  const mine = bus?.members.some(({ device }) => plan.devices[device]?.door === door.id);
  return bus && mine ? bus : null;
}

const set = (
  device: string,
  setting: string | null | undefined,
  value: string | number,
): { remedy?: Edit } => (setting ? { remedy: { kind: 'setSetting', device, setting, value } } : {});

/** Terminators at both ends of the line and nowhere else; one line without branches; not too long, not too many. */
export const topology: Check = (context) => {
  const bus = busOf(context);
  if (!bus) return [];
  const { plan } = context;
  const tag = (id: string) => plan.devices[id]?.tag ?? id;
  const portAt = (id: string) => {
    const type = findTypeIn(plan, plan.devices[id]?.type ?? '');
    return type ? portOf(type) : null;
  };
  const findings: Finding[] = [];
  for (const id of bus.forks)
    findings.push(find('bus-forked', 'fix', 'practice', [onDevice(id)], { tag: tag(id) }));
  const all = [bus.controller, ...bus.members];
  for (const member of all) {
    if (member.terminator === null) continue;
    const isEnd = bus.ends.includes(member.device);
    const setting = portAt(member.device)?.terminatorSetting;
    const at = [onDevice(member.device)];
    if (isEnd && !member.terminator)
      findings.push(
        find(
          'bus-unterminated',
          'fix',
          'practice',
          at,
          { tag: tag(member.device) },
          set(member.device, setting, 'on'),
        ),
      );
    if (!isEnd && member.terminator)
      findings.push(
        find(
          'bus-terminated-midway',
          'fix',
          'practice',
          at,
          { tag: tag(member.device) },
          set(member.device, setting, 'off'),
        ),
      );
  }
  const controller = [onDevice(bus.controller.device)];
  const values = { tag: tag(bus.controller.device) };
  if (bus.metres > bus.limitMetres)
    findings.push(
      find('bus-too-long', 'fix', 'rating', controller, {
        ...values,
        measured: bus.metres,
        limit: bus.limitMetres,
      }),
    );
  if (bus.unitLoads > bus.limitUnitLoads)
    findings.push(
      find('bus-overloaded', 'fix', 'rating', controller, {
        ...values,
        measured: bus.unitLoads,
        limit: bus.limitUnitLoads,
      }),
    );
  return findings;
};

/** Addresses: one device each, and of the parity of the door the reader stands at. */
export const addresses: Check = (context) => {
  const bus = busOf(context);
  const { plan, parts, door, world } = context;
  if (!bus || !parts.decider) return [];
  const behaviour = parts.decider.type.behaviour;
  const channels = behaviour.kind === 'controller' ? behaviour.channels.length : 1;
  return world.inhabitants.flatMap((self): Finding[] => {
    if (self.device.door !== door.id || self.type.behaviour.kind !== 'busReader') return [];
    const { bus: port } = self.type.behaviour;
    const address = addressOf(self, port);
    if (address === null || !bus.members.some(({ device }) => device === self.device.id)) return [];
    const at = [onDevice(self.device.id)];
    const values = { tag: self.device.tag, measured: address };
    const taken = new Set(
      bus.members.filter(({ device }) => device !== self.device.id).map((member) => member.address),
    );
    const right = (candidate: number) => (candidate + 1) % channels === parts.channel % channels;
    const free = Array.from({ length: 30 }, (_, i) => i + 1).find((n) => !taken.has(n) && right(n));
    const remedy = set(self.device.id, port.addressSetting, free ?? address);
    if (taken.has(address)) {
      const rivals = bus.members.filter(
        (member) => member.address === address && member.device !== self.device.id,
      );
      const other = rivals[0];
      // Two readers of one door are one mistake, told at the later of them.
      const here = (id: string) => plan.devices[id]?.door === door.id;
      if (rivals.every(({ device }) => here(device) && device > self.device.id)) return [];
      const name = plan.devices[other?.device ?? '']?.tag ?? '';
      return [find('address-clash', 'fix', 'practice', at, { ...values, other: name }, remedy)];
    }
    if (!right(address)) return [find('address-of-other-door', 'fix', 'practice', at, values, remedy)];
    return [];
  });
};

/** A reader that speaks another language than its controller listens to. */
export const readerKind: Check = ({ parts }) => {
  const { decider, channel } = parts;
  if (!decider || decider.type.family !== 'controller') return [];
  const bus = portOf(decider.type) !== null;
  const wiegand = decider.type.roles.dataInputs?.[channel] !== undefined;
  return parts.readers.flatMap(({ device, type }): Finding[] => {
    const onBus = type.behaviour.kind === 'busReader';
    if (onBus ? bus : wiegand) return [];
    const values = { tag: device.tag, other: decider.device.tag, kind: onBus ? 'bus' : 'wiegand' };
    return [find('reader-kind', 'fix', 'rating', [onDevice(device.id), onDevice(decider.device.id)], values)];
  });
};

/** Network address that is noted for a device; empty where none is. */
const networkAddressOf = (plan: Plan, device: Device): string =>
  String(roleValue(typeIn(plan, device), device.settings, 'ip') ?? '');

/** Two devices of the network with the same address, and devices without one. */
export const networkAddresses: Check = ({ plan, door, world }) =>
  world.inhabitants.flatMap(({ device, type }): Finding[] => {
    const setting = settingFor(type, 'ip');
    if (device.door !== door.id || !setting) return [];
    const ip = networkAddressOf(plan, device);
    const at = [onDevice(device.id)];
    if (ip === '') return [find('network-address-open', 'note', 'practice', at, { tag: device.tag })];
    const twin = Object.values(plan.devices).find(
      (other) => other.id !== device.id && networkAddressOf(plan, other) === ip,
    );
    return twin
      ? [
          find('network-address-clash', 'fix', 'practice', at, {
            tag: device.tag,
            other: twin.tag,
            address: ip,
          }),
        ]
      : [];
  });

export const busChecks: readonly Check[] = [topology, addresses, readerKind, networkAddresses];
