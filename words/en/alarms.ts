import type { Alarm } from '#core/simulate/index';
import { texts } from '../messages';

/** An alarm by its name. */
export const ALARM_NAMES: Record<Alarm, string> = texts({
  forced: 'Door forced alarm',
  'held-open': 'Door held open alarm',
  tamper: 'Tamper alarm',
});
