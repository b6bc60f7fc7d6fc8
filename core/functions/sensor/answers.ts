import { SENSED_MS } from '../held';
import { endOf, pulse } from '../pulse';
import type { Reacts } from '../answer';

/** Lets go at once where its board stops. */
export const sensor: Reacts<'sensor'> = ({ state }, _self, _memory, signal) =>
  signal.kind === 'power' && !signal.on
    ? { set: { [state]: false }, cancel: [endOf(state)] }
    : pulse(state, SENSED_MS, signal);
