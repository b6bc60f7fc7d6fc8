import type { DoorId, Plan } from '../plan/index';
import {
  fireReleases,
  openingOf,
  sameTrials,
  toldOf,
  trialsOf,
  type Opening,
  type SituationId,
  type Trial,
} from '../prove/index';
import { advance, atRest, buildWorld, type SimState, type World } from '../simulate/index';
import { breakNow, brokenWorld, defectOf } from './brokenWorld';
import { faultsOf, type Fault, type Whose } from './fault';
import { answersFrom, bySituation, outcomeOf, worstOutcome, type Answers } from './outcome';
import { UNTIL_QUIET_MS, type FaultResult } from './result';

/** The slow twin of the sweep: everything is compiled, settled and proven anew for each fault. */
export function sweepAnew(plan: Plan, door: DoorId, whose: Whose = 'door'): FaultResult[] {
  const sound = buildWorld(plan, door);
  const answers = answersFrom(sound, atRest(sound));
  return faultsOf(sound, whose).map((fault) => {
    const world = buildWorld(plan, door);
    const rest = atRest(world);
    const broken = brokenWorld(world, defectOf(world.netlist, fault));
    fireReleases(world, rest);
    sameTrials(world, broken);
    return triedAnew(broken, rest, answers, fault);
  });
}

/** One fault in the simulation itself: it breaks while the door is at rest, and every situation is brought about after it. */
export function triedAnew(broken: World, rest: SimState, answers: Answers, fault: Fault): FaultResult {
  const begins = breakNow(broken, rest, fault);
  const after = advance(broken, begins, begins.now + UNTIL_QUIET_MS).state;
  const now = answersFrom(broken, after);
  const trials = trialsOf(broken);
  const outcomes = bySituation(trials, (number) => outcomeOf(answers[number] ?? null, now[number] ?? null));
  const alarms = toldOf(broken, after);
  const openings = openingsIn(trials, now);
  return { fault, outcomes, worst: worstOutcome(outcomes.values()), alarms, openings };
}

/** Who gets through in every situation, at the first device that brings it about. */
export function openingsIn(trials: readonly Trial[], answers: Answers): FaultResult['openings'] {
  const found = new Map<SituationId, Opening | null>();
  for (const [number, { situation }] of trials.entries()) {
    const answer = answers[number] ?? null;
    if (!found.has(situation.id)) found.set(situation.id, answer && openingOf(answer.cells));
  }
  return found;
}
