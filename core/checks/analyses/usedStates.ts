import { type SimState, stimulate } from '../../simulate/index';
import type { CheckContext } from '../context';
import { acts } from './acts';

/** The states in which a door is used: what bears rest may still be destroyed when a relay moves. */
export const usedStates = ({ world, rest }: Pick<CheckContext, 'world' | 'rest'>): SimState[] => [
  rest,
  ...acts(world).map((act) => stimulate(world, rest, act).state),
];
