import type { DeviceType } from '../devices/index';
import type { Device } from '../plan/index';

/** A device of this type as it comes, with nothing set and nothing wired. */
export const loneDevice = (type: DeviceType): Device => ({
  id: 'D01/Z1',
  door: 'D01',
  tag: 'Z1',
  type: type.id,
  place: type.place,
  leaf: 1,
  settings: {},
  notes: '',
});
