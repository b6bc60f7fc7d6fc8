import { channelsOf, settingValue, type Acted, type FunctionOf } from '../../devices/index';
import type { Memory } from '../simState';
import type { Inhabitant } from '../world';
import { NOTHING, type Reaction, type Signal } from './behaviour';
import { release } from './channel';
import { interlockBy, keyOf, lockdownBy, refuses } from './refuses';

type Does = (self: Inhabitant, memory: Memory, asked: boolean, input: string) => Reaction;

/** What each kind of input does when it begins and when it ends to be asked. */
const DOES: Readonly<Record<Acted, Does>> = {
  none: () => NOTHING,
  aux: () => NOTHING,
  tamper: (_self, _memory, asked) => ({ alarms: { tamper: asked } }),
  interlock: (_self, memory, asked, input) => ({ memory: { ...memory, [interlockBy(input)]: asked } }),
  lockdown: (self, memory, asked, input) => {
    const next = { ...memory, [lockdownBy(input)]: asked };
    return asked ? lockAtOnce(self, next) : { memory: next };
  },
  exit: (self, memory, asked) => {
    const [channel] = channelsOf(self.type);
    if (!asked || !channel || refuses(self, memory, 0, 'exit')) return NOTHING;
    return release(self, channel, 0, 'exit', memory);
  },
};

/** Every door of the device holds again, also one that a code holds open. Whoever leaves asks anew, and is let out. */
function lockAtOnce(self: Inhabitant, memory: Memory): Reaction {
  const channels = channelsOf(self.type);
  return {
    set: Object.fromEntries(channels.map(({ relay }) => [relay, false])),
    cancel: channels.map((_, index) => `${keyOf(index)}.relock`),
    memory: {
      ...memory,
      ...Object.fromEntries(channels.map((_, index) => [`${keyOf(index)}.released`, false])),
    },
  };
}

/** An input that does what its type or a setting says, while it is asked. A board that stops has forgotten it. */
export function ownInput(
  { input, acts, restSetting }: FunctionOf<'input'>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
): Reaction {
  const set = (id: string) => settingValue(self.type, self.device.settings, id);
  const does = DOES[(typeof acts === 'string' ? acts : set(acts.setting)) as Acted] ?? DOES.none;
  if (signal.kind === 'power')
    return signal.on
      ? NOTHING
      : { memory: { ...memory, [lockdownBy(input)]: false, [interlockBy(input)]: false } };
  if (signal.kind !== 'input' || signal.input !== input || signal.reading === 'dead') return NOTHING;
  const closes = restSetting === undefined || set(restSetting) !== 'NC';
  // What is neither open nor closed asks where a cut wire would: a line that is not sound is not at rest.
  const asked = closes ? signal.reading === 'closed' : signal.reading !== 'closed';
  return does(self, memory, asked, input);
}
