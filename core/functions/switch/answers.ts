import type { Reacts } from '../answer';
import { NOTHING } from '../signal';

/** Every turn is the other way. */
export const switch_: Reacts<'switch'> = ({ state }, _self, memory, signal) => {
  if (signal.kind !== 'press') return NOTHING;
  const on = memory[state] !== true;
  return { set: { [state]: on }, memory: { ...memory, [state]: on } };
};
