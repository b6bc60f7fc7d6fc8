import { does, roleValue } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import type { Signal, Memory } from '../signal';
import { channelName } from './channelMemory';

/**
 * Passback: at a door with a reader on each side a card that came in cannot come in again before it has gone out, so that it is not
 * handed back to the next one. What a device believes is where each card went last; who followed somebody else is not where it believes.
 */

/** A credential that somebody presents. */
type Credential = Extract<Signal, { kind: 'credential' }>;

const atKey = (channel: number, who: number): string => `${channelName(channel)}.at.${who}`;
export const forgiveTimer = (channel: number, who: number): string =>
  `${channelName(channel)}.forgive.${who}`;

const role = ({ type, device }: Inhabitant, name: 'passback' | 'forgive', channel: number) =>
  does(type, 'clock') ? roleValue(type, device.settings, name, channel) : undefined;

const modeOf = (self: Inhabitant, channel: number): string => String(role(self, 'passback', channel) ?? 'no');

export const keepsPassback = (self: Inhabitant, channel: number): boolean => modeOf(self, channel) !== 'no';

/** Whether a credential comes from the side on which its person is not believed to be, and what follows. */
export function passbackOf(
  self: Inhabitant,
  memory: Memory,
  { channel, who, inner }: Credential,
): 'right' | 'reported' | 'refused' {
  if (who === undefined || !keepsPassback(self, channel)) return 'right';
  const believed = memory[atKey(channel, who)];
  if (!believed || believed === (inner === true ? 'in' : 'out')) return 'right';
  return modeOf(self, channel) === 'refuses' ? 'refused' : 'reported';
}

/** What is believed once somebody is let through; and when it is forgotten, where a time is set. */
export function passed(
  self: Inhabitant,
  { channel, who, inner }: Credential,
): {
  readonly memory: Memory;
  readonly timers: readonly { name: string; after: number }[];
  readonly cancel: readonly string[];
} {
  if (who === undefined || !keepsPassback(self, channel)) return { memory: {}, timers: [], cancel: [] };
  const name = forgiveTimer(channel, who);
  const minutes = Number(role(self, 'forgive', channel) ?? 0);
  return {
    memory: { [atKey(channel, who)]: inner === true ? 'out' : 'in' },
    timers: minutes > 0 ? [{ name, after: minutes * 60_000 * (self.pace ?? 1) }] : [],
    cancel: [name],
  };
}

/** What is forgotten when its time is over; null where a timer is another. */
export function forgiven(memory: Memory, channel: number, timer: string): Memory | null {
  const begins = `${channelName(channel)}.forgive.`;
  if (!timer.startsWith(begins)) return null;
  return { ...memory, [atKey(channel, Number(timer.slice(begins.length)))]: false };
}
