import { PRESS_MS } from '../held';
import { pulse } from '../pulse';
import type { Reacts } from '../answer';
import { NOTHING } from '../signal';

/** What it decides is another function's; its bell key is a button. */
export const ownCodes: Reacts<'ownCodes'> = ({ bell }, _self, _memory, signal) =>
  bell === null ? NOTHING : pulse(bell, PRESS_MS, signal);
