import { functionOf, functionsOf, settingValue, type FunctionOf, type Offline } from '../../devices/index';
import type { Memory } from '../simState';
import type { Inhabitant } from '../world';
import { NOTHING, type Reaction, type Signal } from './behaviour';
import { lockAtOnce } from './allDoors';
import { resumeFree } from './freePassage';
import { isFire, SITE_LOCKDOWN } from './refuses';

/** What a device remembers while its network is lost. */
export const OFFLINE_KEY = 'offline';

/**
 * A device that hears from its network: it notices that it is lost, and that it is back. Where it is set to, it keeps a lockdown that
 * is called for the whole site; a board that starts again is told anew.
 */
export function link(spec: FunctionOf<'link'>, self: Inhabitant, memory: Memory, signal: Signal): Reaction {
  switch (signal.kind) {
    case 'network':
      return { memory: { ...memory, [OFFLINE_KEY]: !signal.on } };
    case 'power':
      return memory[SITE_LOCKDOWN] === true && !signal.on
        ? { memory: { ...memory, [SITE_LOCKDOWN]: false } }
        : NOTHING;
    case 'lockdown':
      return heeds(self, spec) ? lockdown(self, memory, signal.on) : NOTHING;
    default:
      return NOTHING;
  }
}

function lockdown(self: Inhabitant, memory: Memory, on: boolean): Reaction {
  if ((memory[SITE_LOCKDOWN] === true) === on) return NOTHING;
  const next = { ...memory, [SITE_LOCKDOWN]: on };
  // A fire goes before a lockdown.
  if (on) return isFire(self, next) ? { memory: next } : lockAtOnce(self, next);
  return resumeFree(self, next);
}

/** Whether a device keeps a lockdown that is called over the network. */
export const heedsLockdown = (self: Inhabitant): boolean =>
  functionsOf(self.type, 'link').some((spec) => heeds(self, spec));

const heeds = ({ type, device }: Inhabitant, { lockdownSetting: id }: FunctionOf<'link'>): boolean =>
  id !== undefined && settingValue(type, device.settings, id) === 'heeds';

/** What decides now at a device that has lost its network; null while it has it, and for one that needs none. */
export function offline({ type, device }: Inhabitant, memory: Memory): Offline | null {
  if (memory[OFFLINE_KEY] !== true) return null;
  const spec = functionOf(type, 'link');
  return spec && (String(settingValue(type, device.settings, spec.lostSetting)) as Offline);
}
