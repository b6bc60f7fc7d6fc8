import { LEVER_MS } from '../held';
import { pulse } from '../pulse';
import type { Reacts } from '../answer';

/** Turned by whoever leaves; held by whoever is not let out at once. */
export const lever: Reacts<'lever'> = ({ state }, _self, _memory, signal) =>
  pulse(state, LEVER_MS, signal.kind === 'lever' ? { kind: 'press' } : signal);
