import { functionsOf, settingValue, type FunctionOf } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import { NOTHING, type Reaction, type Signal, type Memory } from '../signal';
import { lockAtOnce } from '../decides/allDoors';
import { resumeFree } from '../clock/freePassage';
import { OFFLINE_KEY } from './offline';
import { isFire, SITE_LOCKDOWN } from '../decides/refuses';

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
