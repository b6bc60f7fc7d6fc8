import type { Alarm } from '#core/simulate/index';

/** An alarm by its name. */
export const ALARM_NAMES: Record<Alarm, string> = {
  forced: 'Forced-open alarm',
  'held-open': 'Held-open alarm',
  tamper: 'Tamper alarm',
};
