import { roleValue, type Channel, type SettingRole } from '../../devices/index';
import { settingMs, type Inhabitant } from '../inhabitant';
import { freeOf, openFree } from '../clock/freePassage';
import { offline } from '../link/offline';
import { forgiven, passbackOf, passed } from './passback';
import { channelTimer, ofChannel, recall, remember } from './channelMemory';
import { isFire, refuses } from './refuses';
import { NOTHING, type Reaction, type Signal, type Memory } from '../signal';

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
  switch (signal.kind) {
    case 'credential': {
      if (signal.channel !== index) return NOTHING;
      // While a fire is reported the door is open already, and stays so.
      if (isFire(self, memory)) return { answer: signal.valid ? 'accepted' : 'refused' };
      const alone = offline(self, memory);
      if (alone === 'refuses' || alone === 'nothing') return { answer: 'refused' };
      if (!signal.valid && alone !== 'facility')
        return { answer: 'refused', ...wrongAgain(self, index, memory) };
      if (refuses(self, memory, index, 'credential')) return { answer: 'refused' };
      return granted(self, channel, index, memory, signal);
    }
    case 'input':
      if (signal.input === channel.exitInput) {
        return isFire(self, memory) ? NOTHING : asked(self, channel, index, memory, signal);
      }
      if (signal.input === channel.contactInput) return doorMoved(self, channel, index, memory, signal);
      return NOTHING;
    case 'timer':
      if (signal.name === channelTimer(index, 'relock')) {
        if (isFree(memory, index)) return NOTHING;
        // Held down beyond its time: it lets go with the hand.
        return recall(memory, index, 'asked') === true
          ? { memory: remember(memory, index, { due: true }) }
          : relock(channel, index, memory);
      }
      if (signal.name === channelTimer(index, 'lockedOut'))
        return { memory: remember(memory, index, { lockedOut: false, wrong: 0 }) };
      if (signal.name === channelTimer(index, 'wanted'))
        return { memory: remember(memory, index, { wanted: false }) };
      if (signal.name === channelTimer(index, 'held'))
        return isFree(memory, index) ? NOTHING : { alarms: { 'held-open': true } };
      return withMemory(forgiven(memory, index, signal.name));
    case 'power':
      return signal.on
        ? NOTHING
        : {
            ...relock(channel, index, { ...memory, ...forgotten(memory, index) }),
            cancel: STOPPED.map((what) => channelTimer(index, what)),
          };
    default:
      return NOTHING;
  }
}

/** A right one: it lets somebody through, unless it came to this side already and has not left it. */
function granted(
  self: Inhabitant,
  channel: Channel,
  index: number,
  memory: Memory,
  signal: Extract<Signal, { kind: 'credential' }>,
): Reaction {
  const way = passbackOf(self, memory, signal);
  if (way === 'refused') return { answer: 'refused', passback: true };
  const { memory: believed, timers, cancel } = passed(self, signal);
  // A right one ends the row of wrong ones.
  const wrong = recall(memory, index, 'wrong') === undefined ? {} : ofChannel(index, { wrong: 0 });
  const known = { ...memory, ...wrong, ...believed };
  const opened = opens(self, channel, index, known, signal.inner === true);
  return {
    ...opened,
    timers: [...(opened.timers ?? []), ...timers],
    cancel: [...(opened.cancel ?? []), ...cancel],
    answer: 'accepted',
    ...(way === 'reported' ? { passback: true as const } : {}),
  };
}

/** What a right card or code does to the lock: nothing to one that is free, for good to one that waits for the first person in. */
function opens(
  self: Inhabitant,
  channel: Channel,
  index: number,
  memory: Memory,
  leaving: boolean,
): Reaction {
  if (isFree(memory, index)) return { memory };
  if (freeOf(memory, index) === 'waits' && !leaving) return openFree(self, channel, index, memory);
  if (!toggles(self, index)) return release(self, channel, index, 'unlock', memory);
  const on = recall(memory, index, 'released') !== true;
  return { set: { [channel.relay]: on }, memory: remember(memory, index, { released: on }) };
}

/** Unlocked for everybody until its hours are over. */
const isFree = (memory: Memory, index: number): boolean =>
  freeOf(memory, index) === 'open' && recall(memory, index, 'released') === true;

const withMemory = (memory: Memory | null): Reaction => (memory === null ? NOTHING : { memory });

/** Times that end when a board stops. */
const STOPPED = ['relock', 'held', 'wanted', 'lockedOut'] as const;

/** What a board that stops has forgotten of a channel. */
const forgotten = (memory: Memory, index: number): Memory =>
  ofChannel(index, {
    asked: false,
    due: false,
    ...(recall(memory, index, 'wrong') === undefined ? {} : { wrong: 0, lockedOut: false }),
  });

/** After so many wrong ones in a row nobody is let in for a time, the right ones too. Whoever leaves is not asked. */
function wrongAgain(self: Inhabitant, index: number, memory: Memory): Reaction {
  const tries = Number(setting(self, index, 'tries') ?? 0);
  if (tries === 0) return NOTHING;
  const wrong = (recall(memory, index, 'wrong') ?? 0) + 1;
  if (wrong < tries || recall(memory, index, 'lockedOut') === true)
    return { memory: remember(memory, index, { wrong }) };
  return {
    timers: [{ name: channelTimer(index, 'lockedOut'), after: settingMs(self, 'lockout', 60, index) }],
    memory: remember(memory, index, { wrong, lockedOut: true }),
  };
}

export function release(
  self: Inhabitant,
  channel: Channel,
  index: number,
  which: 'unlock' | 'exit',
  memory: Memory,
): Reaction {
  return {
    set: { [channel.relay]: true },
    cancel: [channelTimer(index, 'relock')],
    timers: [{ name: channelTimer(index, 'relock'), after: settingMs(self, which, 5, index) }],
    memory: remember(memory, index, { released: true }),
  };
}

const setting = (self: Inhabitant, index: number, role: SettingRole) =>
  roleValue(self.type, self.device.settings, role, index);
const toggles = (self: Inhabitant, index: number) => setting(self, index, 'mode') === 'toggle';

/** The reading of an exit input that asks: closed, or open where a normally closed contact is expected. */
export const askingReading = (self: Inhabitant, index: number): 'open' | 'closed' =>
  setting(self, index, 'form') === 'NC' ? 'open' : 'closed';

/** An exit input that changed: an edge input answers the press, a level input as long as it is asked too. */
function asked(
  self: Inhabitant,
  channel: Channel,
  index: number,
  memory: Memory,
  { reading, before }: Extract<Signal, { kind: 'input' }>,
): Reaction {
  if (offline(self, memory) === 'nothing') return NOTHING;
  const asks = askingReading(self, index);
  const reports = setting(self, index, 'rex') === 'reports';
  const shut = !reports && refuses(self, memory, index, 'exit');
  // Whoever leaves a door that is free starts no time after which it locks.
  if (isFree(memory, index) && !reports && channel.exitSense !== 'level') return NOTHING;
  if (channel.exitSense !== 'level' || reports) {
    const pressed = reading === asks && before !== asks && before !== 'dead';
    if (!pressed || shut) return NOTHING;
    return reports ? wanted(self, index, memory) : release(self, channel, index, 'exit', memory);
  }
  if (isFree(memory, index) && !reports)
    return { memory: remember(memory, index, { asked: reading === asks }) };
  const down = remember(memory, index, { asked: reading === asks, due: false });
  if (reading === asks && !shut) return release(self, channel, index, 'exit', down);
  if (before !== asks) return shut ? { memory: down } : NOTHING;
  return recall(memory, index, 'due') === true ? relock(channel, index, down) : { memory: down };
}

/** The lever opens by itself: for the exit time the opening counts as wanted, and no relay moves. */
function wanted(self: Inhabitant, index: number, memory: Memory): Reaction {
  const name = channelTimer(index, 'wanted');
  return {
    cancel: [name],
    timers: [{ name, after: settingMs(self, 'exit', 5, index) }],
    memory: remember(memory, index, { wanted: true }),
  };
}

const relock = (channel: Channel, index: number, memory: Memory): Reaction => ({
  set: { [channel.relay]: false },
  memory: remember(memory, index, { released: false }),
});

function doorMoved(
  self: Inhabitant,
  channel: Channel,
  index: number,
  memory: Memory,
  signal: Extract<Signal, { kind: 'input' }>,
): Reaction {
  const { reading, before } = signal;
  if (reading === 'dead') return NOTHING;
  // A board that starts again and finds the door shut has nothing to raise any more.
  if (before === 'dead')
    return reading === 'closed' ? { alarms: { 'held-open': false, forced: false } } : NOTHING;
  if (reading === 'open' && before === 'closed') {
    if (isFree(memory, index)) return NOTHING;
    const timers = [{ name: channelTimer(index, 'held'), after: settingMs(self, 'held', 30, index) }];
    const right = recall(memory, index, 'released') === true || recall(memory, index, 'wanted') === true;
    if (!right) return { timers, alarms: { forced: true } };
    const atOnce = setting(self, index, 'relock') === 'open' && recall(memory, index, 'released') === true;
    return atOnce && !isFire(self, memory)
      ? { ...relock(channel, index, memory), timers, cancel: [channelTimer(index, 'relock')] }
      : { timers };
  }
  if (reading !== 'closed') return NOTHING;
  if (isFree(memory, index))
    return { cancel: [channelTimer(index, 'held')], alarms: { 'held-open': false, forced: false } };
  const quiet = { cancel: [channelTimer(index, 'held')], alarms: { 'held-open': false, forced: false } };
  const onClose = setting(self, index, 'relock') === 'close' && !isFire(self, memory);
  if (!onClose || recall(memory, index, 'released') !== true) return quiet;
  return {
    ...relock(channel, index, memory),
    ...quiet,
    cancel: [channelTimer(index, 'held'), channelTimer(index, 'relock')],
  };
}
