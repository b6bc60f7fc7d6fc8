import { cellsFrom, played, provenFor, toldOf, type Trial } from '../prove/index';
import { NotShared, type Circuit, type Explorer, type Place, type World } from '../simulate/index';
import { scriptAfter, type Broken, type Shared, type Told } from './sharedBehaviourCache';
import type { Answer } from './outcome';
import { UNTIL_QUIET_MS } from './result';
import { blankScript, follow, type Answered } from './script';
import type { SoundState, SettledState } from './settledStates';

/** What is the same for every fault of a door while the ways of its devices are followed. */
export interface Followed {
  readonly shared: Shared;
  /** The sound circuit at rest. */
  readonly spot: SoundState;
  /** Every way in which every situation is brought about. */
  readonly trials: readonly Trial[];
}

/** Something breaks while the door is at rest, and it is left alone. */
export function broken(
  { shared, spot }: Followed,
  circuit: Circuit<SettledState>,
  world: World,
  died: readonly string[],
  spots: SettledState[],
): Place<SettledState> | null {
  const name = died.join(' ');
  const script = shared.breaking.get(name) ?? blankScript<Broken | null>();
  shared.breaking.set(name, script);
  const rest: Place<SettledState> = { at: shared.explored.rest, here: spot };
  const broke = follow(script, circuit, spots, rest, world, shared.explored, (by, from) =>
    unlessNotShared(() => {
      const begins = by.change(from, `broken ${name}`, (state) =>
        died.length === 0 ? state : { ...state, failed: new Set([...state.failed, ...died]) },
      );
      const { at, here } = by.wait(begins, UNTIL_QUIET_MS);
      return { quiet: at, index: here.index };
    }),
  );
  return broke && { at: broke.quiet, here: spots[broke.index]! };
}

/** What one trial comes to, brought about from here. */
export function replayFault(
  all: Followed,
  circuit: Circuit<SettledState>,
  world: World,
  number: number,
  from: Place<SettledState>,
  spots: SettledState[],
): Told | null {
  const script = scriptAfter(all.shared, from.at, number);
  return follow(script, circuit, spots, from, world, all.shared.explored, (by, quiet) =>
    unlessNotShared(() => told(all, world, all.trials[number]!, by, quiet)),
  );
}

/** The same, played by the devices. */
function told(
  { shared }: Followed,
  world: World,
  trial: Trial,
  by: Explorer<Answered>,
  quiet: Place<Answered>,
): Told {
  const { situation } = trial;
  const place = played(trial, world, quiet, by);
  if (!place) return named(shared, `${situation.id} none`, () => null);
  // Where nobody needs an act to get out, none is tried: whether it would work as well changes no outcome.
  const { cells } = cellsFrom(world, situation, by, place, provenFor(world), 'needed');
  const answer: Answer = { cells, alarms: toldOf(world, by.state(place)) };
  return named(shared, `${situation.id} ${JSON.stringify(answer)}`, () => answer);
}

/** The same for all that lead to the same. */
function named({ told: known }: Shared, key: string, answer: () => Answer | null): Told {
  const before = known.get(key);
  if (before) return before;
  const fresh = { answer: answer() };
  known.set(key, fresh);
  return fresh;
}

function unlessNotShared<T>(play: () => T): T | null {
  try {
    return play();
  } catch (error) {
    if (error instanceof NotShared) return null;
    throw error;
  }
}
