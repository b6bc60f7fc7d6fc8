import type { DeadState } from '#core/plan/index';
import { texts } from '../messages';

export const STATE_NAMES: Record<DeadState, string> = texts({
  'fail-safe': 'Fail-safe',
  'fail-secure': 'Fail-secure',
});
/** The plain sentence that always stands beside the term. */
export const STATE_SENTENCES: Record<DeadState, string> = texts({
  'fail-safe': 'unlocks without power',
  'fail-secure': 'stays locked without power',
});
