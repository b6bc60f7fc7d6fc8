import { kindOf, name } from '../shape';

/**
 * Delayed egress: who pushes to get out sounds its alarm at once, and is let out when a set time is over, whatever he does meanwhile. In
 * a fire and without power it lets go at once. What it has let go stays so until somebody re-arms it with a key.
 */
export const delayedEgress = kindOf('delayedEgress', {
  board: name,
  /** State while it lets go: a contact in the lock's circuit opens with it. */
  state: name,
  /** State while its sounder sounds. */
  alarm: name,
  /** Input that the switch of a push bar closes; left out where a push is felt at the device itself. */
  push: name.optional(),
  /** Input that the fire alarm system opens: a monitored NC. */
  fire: name,
  /** Input that lets go without an alarm while it is closed: a card from either side. */
  bypass: name.optional(),
  /** Input that a key switch closes to re-arm it; left out where the key turns at the device itself. */
  rearm: name.optional(),
  /** How long a push has to last before it counts, s: a bump starts nothing. */
  nuisanceSetting: name,
  /** From then on until it lets go, s. */
  delaySetting: name,
  /** Setting with the values `stays` and `arms`: what it does when its power is back. */
  backSetting: name.optional(),
});
