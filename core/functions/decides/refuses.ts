import type { Memory } from '../signal';
import { recall } from './channelMemory';
import { channelsOf, functionOf, functionsOf, settingValue } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';

/** What a device remembers of an input that keeps its doors shut, while it is asked. */
export const lockdownBy = (input: string): string => `lockdown.${input}`;
/** What it remembers while a lockdown is called for the whole site. */
export const SITE_LOCKDOWN = 'lockdown';
/** Whether a lockdown keeps the doors of a device shut, by an input or over the network. */
export const lockedDown = (self: Inhabitant, memory: Memory): boolean =>
  memory[SITE_LOCKDOWN] === true ||
  functionsOf(self.type, 'input').some(({ input }) => memory[lockdownBy(input)] === true);

export const fireBy = (input: string): string => `fire.${input}`;
export const interlockBy = (input: string): string => `interlock.${input}`;

/**
 * Whether a device leaves a door shut, whoever asks: after too many wrong cards or codes, for a time; in a lockdown to whoever comes from outside and never to those who leave;
 * while an interlock input is asked; and while another of its doors is released, open, or has only just been shut.
 */
export function refuses(
  self: Inhabitant,
  memory: Memory,
  channel: number,
  by: 'credential' | 'exit',
): boolean {
  if (by === 'credential' && recall(memory, channel, 'lockedOut') === true) return true;
  if (by === 'credential' && lockedDown(self, memory)) return true;
  for (const { input } of functionsOf(self.type, 'input')) {
    if (memory[interlockBy(input)] === true) return true;
  }
  const interlock = functionOf(self.type, 'interlock');
  if (!interlock) return false;
  const set = (id: string | undefined) =>
    id === undefined ? undefined : settingValue(self.type, self.device.settings, id);
  if (set(interlock.usedSetting) !== 'on') return false;
  if (by === 'exit' && set(interlock.exitsSetting) === 'pass') return false;
  return channelsOf(self.type).some((_, other) => other !== channel && isBusy(memory, other));
}

/** Whether an input of the device asks it to release all doors for a fire. */
export const isFire = (self: Inhabitant, memory: Memory): boolean =>
  functionsOf(self.type, 'input').some(({ input }) => memory[fireBy(input)] === true);

/** True while somebody may be in the door of a channel: released, open, or shut so lately that the room still waits. */
const isBusy = (memory: Memory, channel: number): boolean =>
  (['released', 'open', 'clearing'] as const).some((what) => recall(memory, channel, what) === true);
