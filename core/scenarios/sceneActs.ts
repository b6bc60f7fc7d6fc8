import type { Act } from '../plan/index';
import { PUSH, REARM } from '../simulate/index';
import type { Scene } from './scene';

/** What people do in a scenario, as its acts. Times in ms from its begin. */

export const card = (at: number, valid = true): Act => ({
  does: 'credential',
  at,
  valid,
  device: null,
  output: 0,
});
export const open = (
  at: number,
  from: 'inside' | 'outside' | 'force',
  expect: 'opens' | 'stays-shut' | null = null,
): Act => ({ does: 'open', at, from, expect });
export const close = (at: number): Act => ({ does: 'close', at });
/** Somebody inside asks to be let out: at an exit device, or by a push that is answered late. */
export const pressed = ({ exit, delayed }: Scene, at: number): Act[] => {
  if (exit !== null) return [{ does: 'press', at, device: exit, key: null }];
  return delayed ? [{ does: 'press', at, device: delayed.device, key: PUSH }] : [];
};
/** So much later than usual whoever asks is let out, ms. */
export const lateness = ({ exit, delayed }: Scene): number => (exit === null && delayed ? delayed.after : 0);
/** What has let go for good is armed again, by whoever has its key. */
export const rearmed = ({ delayed }: Scene, at: number): Act[] =>
  delayed ? [{ does: 'press', at, device: delayed.device, key: REARM }] : [];
