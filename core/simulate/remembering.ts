import type { OperatingPoint } from '../circuit/index';
import { stateInterner, setInterner, sayTable } from './stateInterner';
import { settledAnew } from './settleState';
import type { SimState } from './simState';
import type { World } from './world';

/** A door that remembers how its circuit settles. */
export interface Remembering {
  readonly world: World;
  /** Two states with the same number stand in circuits that do the same. */
  circuitOf(state: SimState): number;
}

/** What a state says to its circuit beside the modes in which it begins. */
type Asked = Pick<SimState, 'point' | 'readings' | 'boards'>;

/**
 * The same door with a memory: a circuit depends on nothing but what is done to it and on what its coils, boards, sources and
 * fuses did before, and of both there are few at one door. What was settled once is looked up from then on, readings included.
 */
export function remembering(world: World): Remembering {
  const { switching } = world.netlist.fast;
  const sets = setInterner();
  const feeds = stateInterner<ReadonlyMap<string, unknown>>(sayTable);
  const modes = stateInterner<OperatingPoint>(({ on, restless }) => {
    let said = restless.length > 0 ? 'r' : '';
    for (let i = 0; i < switching.length; i += 1) said += on[switching[i]!];
    return said;
  });
  const settled = new Map<string, Asked>();
  const asked = ({ states: done, feeds: fed, cut, failed }: SimState): string =>
    `${sets.of(done)} ${feeds.of(fed)} ${sets.of(cut)} ${sets.of(failed)}`;
  const settledBy = (state: SimState): SimState => {
    const conditions = asked(state);
    const key = `${modes.of(state.point)} ${conditions}`;
    let known = settled.get(key);
    if (!known) {
      const anew = settledAnew(world, state);
      // Circuits that end in the same modes under the same conditions are one, whence ever they came.
      const end = `${modes.of(anew.point)} ${conditions}`;
      known = anew.point.restless.length === 0 ? settled.get(end) : undefined;
      known ??= { point: anew.point, readings: anew.readings, boards: anew.boards };
      if (anew.point.restless.length === 0) settled.set(end, known);
      settled.set(key, known);
    }
    const { point, readings, boards } = known;
    return state.point === point && state.readings === readings && state.boards === boards
      ? state
      : { ...state, point, readings, boards };
  };
  return {
    world: { ...world, settledBy: { netlist: world.netlist, settle: settledBy } },
    circuitOf: (state) => modes.of(state.point),
  };
}
