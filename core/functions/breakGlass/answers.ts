import type { Reacts } from '../answer';
import { NOTHING } from '../signal';

export const breakGlass: Reacts<'breakGlass'> = ({ state }, _self, _memory, signal) => {
  if (signal.kind === 'break') return { set: { [state]: true } };
  return signal.kind === 'reset' ? { set: { [state]: false } } : NOTHING;
};
