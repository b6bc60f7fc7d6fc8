import { PRESS_MS } from '../held';
import { pulse } from '../pulse';
import type { Reacts } from '../answer';

export const button: Reacts<'button'> = ({ state }, _self, _memory, signal) => pulse(state, PRESS_MS, signal);
