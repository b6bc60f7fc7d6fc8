import { factsUnder, type FactsOf } from '../facts';
import type { Memory } from '../signal';

/** How a channel stands while its hours of free passage are on: unlocked; locked until somebody comes; locked by a lockdown or an interlock. */
export type Free = 'open' | 'waits' | 'paused';

/** What a device remembers of one of its doors. What it has never heard of is not there. */
export type ChannelMemory = {
  /** Its relay lets the lock go. */
  readonly released: boolean;
  /** Its exit input is asked, and its time is over meanwhile: it lets go with the hand. */
  readonly asked: boolean;
  readonly due: boolean;
  /** Somebody leaves by the lever: the opening that follows is no surprise. */
  readonly wanted: boolean;
  /** Wrong cards or codes in a row, and that there were too many. */
  readonly wrong: number;
  readonly lockedOut: boolean;
  readonly free: Free | false;
  /** Of an interlock: its leaf stands open, or was shut so lately that the room still waits. */
  readonly open: boolean;
  readonly clearing: boolean;
};

/** Times that run for a channel. */
export type ChannelTimer = 'relock' | 'held' | 'wanted' | 'lockedOut' | 'clear';

/** What a channel's memories and timers begin with. */
export const channelName = (channel: number): string => `c${channel}`;

export const channelTimer = (channel: number, what: ChannelTimer): string =>
  `${channelName(channel)}.${what}`;

const known: FactsOf<ChannelMemory>[] = [];
const factsOf = (channel: number): FactsOf<ChannelMemory> =>
  (known[channel] ??= factsUnder<ChannelMemory>(channelName(channel)));

/** What a device remembers of a channel; undefined of what it has never heard of. */
export const recall = <What extends keyof ChannelMemory>(
  memory: Memory | undefined,
  channel: number,
  what: What,
): ChannelMemory[What] | undefined => factsOf(channel).recall(memory, what);

/** A memory with these facts of a channel in it. */
export const remember = (memory: Memory, channel: number, facts: Partial<ChannelMemory>): Memory =>
  factsOf(channel).remember(memory, facts);

/** These facts of a channel and nothing else. */
export const ofChannel = (channel: number, facts: Partial<ChannelMemory>): Memory =>
  remember({}, channel, facts);
