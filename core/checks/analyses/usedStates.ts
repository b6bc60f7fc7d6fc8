import { type SimState, stimulate } from '../../simulate/index';
import type { CheckContext } from '../context';
import { acts } from './acts';

const known = new WeakMap<SimState, readonly SimState[]>();

/** The states in which a door is used: what bears rest may still be destroyed when a relay moves. */
export function usedStates({ world, rest }: Pick<CheckContext, 'world' | 'rest'>): readonly SimState[] {
  const found = known.get(rest) ?? [rest, ...acts(world).map((act) => stimulate(world, rest, act).state)];
  known.set(rest, found);
  return found;
}
