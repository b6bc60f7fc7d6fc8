import type { Act } from '../acts/index';
import type { Brief, DeadState } from '../plan/index';
import type { Inhabitant, Player, World } from '../simulate/index';
import type { Expectation, SituationId } from './proof';

/** A device at which somebody asks; of a keypad that works several things, by the codes of this output, from 0. */
export interface Asked {
  /** Null where it is done at all of them at once. */
  readonly device: Inhabitant['device'] | null;
  readonly output?: number;
  /** What is done there, where that is not told by the situation alone. */
  readonly act?: Act;
}

/** A situation: how to bring it about from rest, and what must then be possible. */
export interface Situation {
  readonly id: SituationId;
  /** Devices at which it can be brought about, each tried for itself; left out, or null, where it is done nowhere in particular. */
  at?(world: World): readonly Asked[] | null;
  /** Null where the door has nothing that could be in this situation. `device`, `output`: those of `at`. */
  prepare<T>(world: World, rest: T, by: Player<T>, device: string, output: number, act?: Act): T | null;
  outside(brief: Brief, state: DeadState, world: World): Expectation;
  inside(brief: Brief, state: DeadState): Expectation;
}
