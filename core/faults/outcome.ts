import {
  cellsFrom,
  provenFor,
  toldOf,
  tried,
  trialsOf,
  type Cell,
  type ProofRow,
  type SituationId,
  type Trial,
} from '../prove/index';
import { player, type SimState, type World } from '../simulate/index';

/**
 * What a fault makes of a situation, worst first: nobody gets out; out only by an act where the door should be free; open to
 * whoever comes; whoever may come in does not; no longer proven; other alarms; nothing that anybody would see.
 */
export const OUTCOMES = [
  'locked-in',
  'out-by-act-only',
  'open',
  'locked-out',
  'not-proven',
  'alarm',
  'same',
] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** What is compared of a situation; `null` where it does not come about. */
export interface Answer {
  readonly cells: ProofRow['cells'];
  readonly alarms: readonly string[];
}
/** In the order of `trialsOf`. */
export type Answers = readonly (Answer | null)[];

/** Every situation from this rest, at each device that brings it about. */
export function answersFrom(world: World, rest: SimState): Answers {
  const deadState = provenFor(world);
  return trialsOf(world, rest).map((trial) => {
    const state = tried(trial, world, rest);
    if (!state) return null;
    const { cells } = cellsFrom(world, trial.situation, player(world), state, deadState, 'needed');
    return { cells, alarms: toldOf(world, state) };
  });
}

/** By situation, of what became of each trial the worst. */
export function bySituation(
  trials: readonly Trial[],
  outcome: (number: number) => Outcome,
): Map<SituationId, Outcome> {
  const found = new Map<SituationId, Outcome>();
  for (const [number, { situation }] of trials.entries())
    found.set(situation.id, worstOutcome([found.get(situation.id) ?? 'same', outcome(number)]));
  return found;
}

/** What became of a situation, compared with what it is when nothing is broken. */
export function outcomeOf(sound: Answer | null, broken: Answer | null): Outcome {
  // What no longer comes about is told by the situation that should bring it about.
  if (!sound || !broken) return 'same';
  const { inside, outside } = broken.cells;
  const fails = (now: Cell, before: Cell) => now.verdict === 'fail' && before.verdict !== 'fail';
  if (fails(inside, sound.cells.inside)) return inside.works.length === 0 ? 'locked-in' : 'out-by-act-only';
  if (fails(outside, sound.cells.outside)) return outside.got === 'possible' ? 'open' : 'locked-out';
  const unproven = (now: Cell, before: Cell) => now.verdict === 'not-proven' && before.verdict === 'pass';
  if (unproven(inside, sound.cells.inside) || unproven(outside, sound.cells.outside)) return 'not-proven';
  return broken.alarms.join() === sound.alarms.join() ? 'same' : 'alarm';
}

/** The worst of several. */
export const worstOutcome = (outcomes: Iterable<Outcome>): Outcome =>
  OUTCOMES[Math.min(...[...outcomes].map((one) => OUTCOMES.indexOf(one)), OUTCOMES.length - 1)] ?? 'same';
