import { functionOf, settingValue, type Offline } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import type { Memory } from '../signal';

/** What a device remembers while its network is lost. */
export const OFFLINE_KEY = 'offline';

/** What decides now at a device that has lost its network; null while it has it, and for one that needs none. */
export function offline({ type, device }: Inhabitant, memory: Memory): Offline | null {
  if (memory[OFFLINE_KEY] !== true) return null;
  const spec = functionOf(type, 'link');
  return spec && (String(settingValue(type, device.settings, spec.lostSetting)) as Offline);
}
