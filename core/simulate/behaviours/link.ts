import { functionOf, settingValue, type FunctionOf, type Offline } from '../../devices/index';
import type { Memory } from '../simState';
import type { Inhabitant } from '../world';
import { NOTHING, type Reaction, type Signal } from './behaviour';

/** What a device remembers while its network is lost. */
export const OFFLINE_KEY = 'offline';

/** A device that hears from its network: it notices that it is lost, and that it is back. */
export function link(_spec: FunctionOf<'link'>, _self: Inhabitant, memory: Memory, signal: Signal): Reaction {
  return signal.kind === 'network' ? { memory: { ...memory, [OFFLINE_KEY]: !signal.on } } : NOTHING;
}

/** What decides now at a device that has lost its network; null while it has it, and for one that needs none. */
export function offline({ type, device }: Inhabitant, memory: Memory): Offline | null {
  if (memory[OFFLINE_KEY] !== true) return null;
  const spec = functionOf(type, 'link');
  return spec && (String(settingValue(type, device.settings, spec.lostSetting)) as Offline);
}
