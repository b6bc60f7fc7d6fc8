import { does, settingValue } from '../devices/index';
import type { Inhabitant, World } from '../simulate/index';
import { doorDevices } from '../door/index';

/** Something that calls: a bell button, a handset's key, a key of an answering station wherever it stands. */
export interface Caller extends Inhabitant {
  /** Channel of the door's own station, for a device with several keys; null for a device with one. */
  readonly key: string | null;
}

/** Everything that calls at a door or releases it from afar. */
export function callers(world: World): Caller[] {
  const buttons = doorDevices(world, 'button')
    .filter(({ type }) => type.family === 'sounder' || type.family === 'intercom')
    .map((one) => ({ ...one, key: null }));
  const channels = world.inhabitants.flatMap(({ device, type }) => {
    const pins = type.roles.intercom;
    if (device.door !== world.door.id || pins?.part !== 'door-station') return [];
    return [String(settingValue(type, device.settings, pins.channelSetting))];
  });
  const stations = world.inhabitants.filter(({ type }) => does(type, 'keys'));
  return [...buttons, ...stations.flatMap((one) => channels.map((key) => ({ ...one, key })))];
}
