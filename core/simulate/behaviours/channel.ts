import { settingValue, type Channel } from '../../devices/index';
import type { Memory } from '../simState';
import { settingMs, type Inhabitant } from '../world';
import { NOTHING, type Reaction, type Signal } from './behaviour';

/**
 * One door's worth of a controller or keypad: a relay for the unlock time after a credential, for the exit
 * time after an exit request, cut short when the door closes if so set; forced-open and held-open alarms
 * where a door contact is wired.
 */
export function channelReact(
  self: Inhabitant,
  channel: Channel,
  index: number,
  memory: Memory,
  signal: Signal,
): Reaction {
  const key = `c${index}`;
  switch (signal.kind) {
    case 'credential':
      if (signal.channel !== index) return NOTHING;
      if (signal.valid && toggles(self, channel)) {
        const on = memory[`${key}.released`] !== true;
        return {
          set: { [channel.relay]: on },
          memory: { ...memory, [`${key}.released`]: on },
          answer: 'accepted',
        };
      }
      return signal.valid
        ? { ...release(self, channel, key, 'unlock', memory), answer: 'accepted' }
        : { answer: 'refused' };
    case 'input':
      if (signal.input === channel.exitInput) {
        const asks = setting(self, channel, 'form') === 'NC' ? 'open' : 'closed';
        const pressed = signal.reading === asks && signal.before !== asks && signal.before !== 'dead';
        if (!pressed) return NOTHING;
        return setting(self, channel, 'rex') === 'reports'
          ? wanted(self, channel, key, memory)
          : release(self, channel, key, 'exit', memory);
      }
      if (signal.input === channel.contactInput) return doorMoved(self, channel, key, memory, signal);
      return NOTHING;
    case 'timer':
      if (signal.name === `${key}.relock`) return relock(channel, key, memory);
      if (signal.name === `${key}.wanted`) return { memory: { ...memory, [`${key}.wanted`]: false } };
      if (signal.name === `${key}.held`) return { alarms: { 'held-open': true } };
      return NOTHING;
    case 'power':
      return signal.on
        ? NOTHING
        : { ...relock(channel, key, memory), cancel: [`${key}.relock`, `${key}.held`, `${key}.wanted`] };
    default:
      return NOTHING;
  }
}

function release(
  self: Inhabitant,
  channel: Channel,
  key: string,
  which: 'unlock' | 'exit',
  memory: Memory,
): Reaction {
  return {
    set: { [channel.relay]: true },
    cancel: [`${key}.relock`],
    timers: [{ name: `${key}.relock`, after: settingMs(self, `${channel.settings}.${which}`, 5) }],
    memory: { ...memory, [`${key}.released`]: true },
  };
}

const setting = (self: Inhabitant, channel: Channel, name: string) =>
  settingValue(self.type, self.device.settings, `${channel.settings}.${name}`);
const toggles = (self: Inhabitant, channel: Channel) => setting(self, channel, 'mode') === 'toggle';

/** The lever opens by itself: for the exit time the opening counts as wanted, and no relay moves. */
const wanted = (self: Inhabitant, channel: Channel, key: string, memory: Memory): Reaction => ({
  cancel: [`${key}.wanted`],
  timers: [{ name: `${key}.wanted`, after: settingMs(self, `${channel.settings}.exit`, 5) }],
  memory: { ...memory, [`${key}.wanted`]: true },
});

const relock = (channel: Channel, key: string, memory: Memory): Reaction => ({
  set: { [channel.relay]: false },
  memory: { ...memory, [`${key}.released`]: false },
});

function doorMoved(
  self: Inhabitant,
  channel: Channel,
  key: string,
  memory: Memory,
  signal: Extract<Signal, { kind: 'input' }>,
): Reaction {
  const { reading, before } = signal;
  if (reading === 'dead') return NOTHING;
  // A board that starts again and finds the door shut has nothing to raise any more.
  if (before === 'dead')
    return reading === 'closed' ? { alarms: { 'held-open': false, forced: false } } : NOTHING;
  if (reading === 'open' && before === 'closed') {
    const timers = [{ name: `${key}.held`, after: settingMs(self, `${channel.settings}.held`, 30) }];
    const right = memory[`${key}.released`] === true || memory[`${key}.wanted`] === true;
    return right ? { timers } : { timers, alarms: { forced: true } };
  }
  if (reading !== 'closed') return NOTHING;
  const quiet = { cancel: [`${key}.held`], alarms: { 'held-open': false, forced: false } };
  const onClose = setting(self, channel, 'relock') === 'close';
  if (!onClose || memory[`${key}.released`] !== true) return quiet;
  return { ...relock(channel, key, memory), ...quiet, cancel: [`${key}.held`, `${key}.relock`] };
}
