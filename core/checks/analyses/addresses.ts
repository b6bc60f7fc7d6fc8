import { does, functionOf } from '../../devices/index';
import { allDevices, typeIn } from '../../plan/index';
import { addressOf } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { busOf } from './busOf';
import { setSetting } from './setSetting';

/** Addresses: one device each, and of the parity of the door the reader stands at; controllers on one line have their own. */
export const addresses: Analysis = (context) => [
  ...readerAddresses(context),
  ...controllerAddresses(context),
];

/** Controllers that share a line and an address, told at the later of them. */
const controllerAddresses: Analysis = (context) => {
  const bus = busOf(context);
  if (!bus) return [];
  const { plan, world } = context;
  const { controller: self, members } = bus;
  const hosts = members.filter(({ device }) => {
    const there = plan.devices[device];
    return there && does(typeIn(plan, there), 'busHost');
  });
  const place = (id: string) => allDevices(plan).findIndex((device) => device.id === id);
  const rival = hosts.find(
    ({ device, address }) => address === self.address && place(device) < place(self.device),
  );
  const host = world.byId.get(self.device);
  const setting = host && functionOf(host.type, 'busHost')?.bus.addressSetting;
  if (!rival || !host || !setting || self.address === null) return [];
  const range = host.type.settings.find(({ id }) => id === setting);
  const taken = new Set(hosts.map(({ address }) => address));
  const [least, most] = range?.kind === 'number' ? [range.min, range.max] : [self.address, self.address];
  const free = Array.from({ length: most - least + 1 }, (_, n) => least + n).find((n) => !taken.has(n));
  const values = {
    tag: host.device.tag,
    other: plan.devices[rival.device]?.tag ?? '',
    measured: self.address,
  };
  const remedy = free === undefined ? {} : setSetting(self.device, setting, free);
  return [violation('address-clash', [onDevice(self.device)], values, remedy)];
};

const readerAddresses: Analysis = (context) => {
  const bus = busOf(context);
  const { plan, parts, door, world } = context;
  if (!bus || !parts.decider) return [];
  const channels = functionOf(parts.decider.type, 'decides')?.channels.length ?? 1;
  const place = (id: string) => allDevices(plan).findIndex((device) => device.id === id);
  return world.inhabitants.flatMap((self): Violation[] => {
    const port = functionOf(self.type, 'busReader')?.bus;
    if (self.device.door !== door.id || !port) return [];
    const address = addressOf(self, port);
    if (address === null || !bus.members.some(({ device }) => device === self.device.id)) return [];
    const at = [onDevice(self.device.id)];
    const values = { tag: self.device.tag, measured: address };
    const taken = new Set(
      bus.members.filter(({ device }) => device !== self.device.id).map((member) => member.address),
    );
    const right = (candidate: number) => (candidate + 1) % channels === parts.channel % channels;
    const free = Array.from({ length: 30 }, (_, i) => i + 1).find((n) => !taken.has(n) && right(n));
    const remedy = setSetting(self.device.id, port.addressSetting, free ?? address);
    if (taken.has(address)) {
      const rivals = bus.members.filter(
        (member) => member.address === address && member.device !== self.device.id,
      );
      const other = rivals[0];
      // Two readers of one door are one mistake, told at the later of them.
      const here = (id: string) => plan.devices[id]?.door === door.id;
      if (rivals.every(({ device }) => here(device) && place(device) > place(self.device.id))) return [];
      const name = plan.devices[other?.device ?? '']?.tag ?? '';
      return [violation('address-clash', at, { ...values, other: name }, remedy)];
    }
    if (!right(address)) return [violation('address-of-other-door', at, values, remedy)];
    return [];
  });
};
