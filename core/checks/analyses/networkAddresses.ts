import { roleValue, settingFor } from '../../devices/index';
import { allDevices, type Device, type Plan, typeIn } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';

/** Network address that is noted for a device; empty where none is. */
const networkAddressOf = (plan: Plan, device: Device): string =>
  String(roleValue(typeIn(plan, device), device.settings, 'ip') ?? '');

/** Two devices of the network with the same address, and devices without one. */
export const networkAddresses: Analysis<'plan' | 'door' | 'world'> = ({ plan, door, world }) =>
  world.inhabitants.flatMap(({ device, type }): Violation[] => {
    const setting = settingFor(type, 'ip');
    if (device.door !== door.id || !setting) return [];
    const ip = networkAddressOf(plan, device);
    const at = [onDevice(device.id)];
    if (ip === '') return [violation('network-address-open', at, { tag: device.tag })];
    const twin = allDevices(plan).find(
      (other) => other.id !== device.id && networkAddressOf(plan, other) === ip,
    );
    return twin
      ? [
          violation('network-address-clash', at, {
            tag: device.tag,
            other: twin.tag,
            address: ip,
          }),
        ]
      : [];
  });
