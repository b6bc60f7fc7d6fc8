import { settingValue } from '../../devices/index';
import type { Reacts } from '../answer';
import { NOTHING } from '../signal';

/** Pulled on alarm; let go when the alarm is gone, or where it latches when somebody resets it. */
export const fireRelay: Reacts<'fireRelay'> = (
  { state, latchSetting },
  { type, device },
  _memory,
  signal,
) => {
  if (signal.kind === 'fire') return { set: { [state]: true } };
  if (signal.kind === 'fireReset') return { set: { [state]: false } };
  const latched = settingValue(type, device.settings, latchSetting) === 'latching';
  return signal.kind === 'fireGone' && !latched ? { set: { [state]: false } } : NOTHING;
};
