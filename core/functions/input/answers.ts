import { channelsOf, settingValue, type Acted, type FunctionOf } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import { NOTHING, type Reaction, type Signal, type Memory } from '../signal';
import { lockAtOnce, releaseAll } from '../decides/allDoors';
import { release } from '../decides/channel';
import { resumeFree } from '../clock/freePassage';
import { combine } from '../combine';
import { fireBy, interlockBy, isFire, lockdownBy, refuses } from '../decides/refuses';

type Does = (self: Inhabitant, memory: Memory, asked: boolean, input: string, channel: number) => Reaction;

/** What each kind of input does when it begins and when it ends to be asked. */
const DOES: Readonly<Record<Acted, Does>> = {
  none: () => NOTHING,
  aux: () => NOTHING,
  tamper: (_self, _memory, asked) => ({ alarms: { tamper: asked } }),
  interlock: (_self, memory, asked, input) => ({ memory: { ...memory, [interlockBy(input)]: asked } }),
  lockdown: (self, memory, asked, input) => {
    const next = { ...memory, [lockdownBy(input)]: asked };
    // A fire goes before a lockdown.
    if (asked) return isFire(self, next) ? { memory: next } : lockAtOnce(self, next);
    return resumeFree(self, next);
  },
  exit: (self, memory, asked, _input, index) => {
    const channel = channelsOf(self.type)[index];
    if (!asked || !channel || refuses(self, memory, index, 'exit')) return NOTHING;
    return release(self, channel, index, 'exit', memory);
  },
  // Its channel reads it: see `typeAsConfigured`. One that is a contact too many is read by nobody.
  contact: () => NOTHING,
  fire: (self, memory, asked, input) => {
    const next = { ...memory, [fireBy(input)]: asked };
    if (!asked && isFire(self, next)) return { memory: next };
    if (asked) return releaseAll(self, next);
    // What was free before the fire is so after it.
    const locked = lockAtOnce(self, next);
    return combine(locked, resumeFree(self, locked.memory ?? next));
  },
};

/** An input that does what its type or a setting says, while it is asked. A board that stops has forgotten it. */
export function ownInput(
  { input, acts, restSetting, ofChannel = 0 }: FunctionOf<'input'>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
): Reaction {
  const set = (id: string) => settingValue(self.type, self.device.settings, id);
  const does = DOES[(typeof acts === 'string' ? acts : set(acts.setting)) as Acted] ?? DOES.none;
  if (signal.kind === 'power')
    return signal.on
      ? NOTHING
      : {
          memory: {
            ...memory,
            [lockdownBy(input)]: false,
            [interlockBy(input)]: false,
            [fireBy(input)]: false,
          },
        };
  if (signal.kind !== 'input' || signal.input !== input || signal.reading === 'dead') return NOTHING;
  const closes = restSetting === undefined || set(restSetting) !== 'NC';
  // What is neither open nor closed asks where a cut wire would: a line that is not sound is not at rest.
  const asked = closes ? signal.reading === 'closed' : signal.reading !== 'closed';
  return does(self, memory, asked, input, ofChannel);
}
