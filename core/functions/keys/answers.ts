import { PRESS_MS } from '../held';
import { isEndOf, pulse } from '../pulse';
import type { Reacts } from '../answer';
import { NOTHING } from '../signal';

/** The key that is named, or the first. */
export const keys: Reacts<'keys'> = (spec, _self, _memory, signal) => {
  if (signal.kind === 'press') {
    const state = spec.keys[signal.key ?? Object.keys(spec.keys)[0] ?? ''];
    return state === undefined ? NOTHING : pulse(state, PRESS_MS, signal);
  }
  const over = Object.values(spec.keys).find((state) => isEndOf(state, signal));
  return over === undefined ? NOTHING : pulse(over, PRESS_MS, signal);
};
