import { NOTHING, type Reaction, type Signal } from './signal';

/** What the timer is called that ends a state: a device may have several at once. */
export const endOf = (state: string): string => `end.${state}`;
export const isEndOf = (state: string, signal: Signal): boolean =>
  signal.kind === 'timer' && signal.name === endOf(state);

/** A state for so long after a press, ms, or as long as it is held; pressed again, for the whole time anew. */
export function pulse(state: string, ms: number, signal: Signal): Reaction {
  if (signal.kind === 'press') {
    const name = endOf(state);
    return {
      set: { [state]: true },
      cancel: [name],
      timers: [{ name, after: Math.max(ms, signal.held ?? 0) }],
    };
  }
  return isEndOf(state, signal) ? { set: { [state]: false } } : NOTHING;
}
