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
      return signal.valid
        ? { ...release(self, channel, key, 'unlock', memory), answer: 'accepted' }
        : { answer: 'refused' };
    case 'input':
      if (signal.input === channel.exitInput) {
        const pressed = signal.reading === 'closed' && signal.before !== 'closed' && signal.before !== 'dead';
        return pressed ? release(self, channel, key, 'exit', memory) : NOTHING;
      }
      if (signal.input === channel.contactInput) return doorMoved(self, channel, key, memory, signal);
      return NOTHING;
    case 'timer':
      if (signal.name === `${key}.relock`) return relock(channel, key, memory);
      if (signal.name === `${key}.held`) return { alarms: { 'held-open': true } };
      return NOTHING;
    case 'power':
      return signal.on
        ? NOTHING
        : { ...relock(channel, key, memory), cancel: [`${key}.relock`, `${key}.held`] };
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
  if (before === 'dead' || reading === 'dead') return NOTHING;
  if (reading === 'open' && before === 'closed') {
    const timers = [{ name: `${key}.held`, after: settingMs(self, `${channel.settings}.held`, 30) }];
    return memory[`${key}.released`] === true ? { timers } : { timers, alarms: { forced: true } };
  }
  if (reading !== 'closed') return NOTHING;
  const quiet = { cancel: [`${key}.held`], alarms: { 'held-open': false, forced: false } };
  const onClose = settingValue(self.type, self.device.settings, `${channel.settings}.relock`) === 'close';
  if (!onClose || memory[`${key}.released`] !== true) return quiet;
  return { ...relock(channel, key, memory), ...quiet, cancel: [`${key}.held`, `${key}.relock`] };
}
