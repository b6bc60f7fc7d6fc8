import type { Brief, DeadState } from '../plan/index';
import type { Expectation } from './proof';

/** What is asked of a side of the door, by the brief and by what its lock does without power. */

export const shut = () => 'must-not' as const;
export const open = () => 'must' as const;
export const either = () => 'may' as const;

/** A door that opens when dead must do so by itself in a fire; one that stays locked is left by its lever. */
export const released = (_brief: Brief, state: DeadState): Expectation =>
  state === 'fail-safe' ? 'must-freely' : 'must';
/** Rescuers may need to enter; else a released door may be open or shut from outside. */
export const forRescuers = (brief: Brief, state: DeadState): Expectation => {
  if (state === 'fail-secure') return 'must-not';
  return brief.rescuers === true ? 'must-freely' : 'may';
};
