import { kindOf, name } from '../shape';

/** Is told who may pass over a network. A setting says what it does by itself while that is lost: see `OFFLINE`. */
export const link = kindOf('link', {
  lostSetting: name,
  /** Setting with the values ignores and heeds: what a lockdown does that is called over the network; without one it is ignored. */
  lockdownSetting: name.optional(),
});
