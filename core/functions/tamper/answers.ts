import { settingValue } from '../../devices/index';
import type { Reacts } from '../answer';
import { NOTHING } from '../signal';

/** A loop that is not closed is an alarm, until it is closed again. */
export const tamper: Reacts<'tamper'> = ({ input, usedSetting }, { type, device }, _memory, signal) => {
  if (settingValue(type, device.settings, usedSetting) !== 'on') return NOTHING;
  if (signal.kind !== 'input' || signal.input !== input || signal.reading === 'dead') return NOTHING;
  return { alarms: { tamper: signal.reading !== 'closed' } };
};
