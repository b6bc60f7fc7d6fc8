import { settingValue } from '../../devices/index';
import { PRESS_MS } from '../held';
import { pulse } from '../pulse';
import type { Reacts } from '../answer';

export const button: Reacts<'button'> = ({ state, holdSetting }, { type, device }, _memory, signal) => {
  const held =
    holdSetting === undefined ? 0 : Number(settingValue(type, device.settings, holdSetting)) * 1000;
  return pulse(state, Math.max(PRESS_MS, held), signal);
};
