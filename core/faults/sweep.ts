import {
  fireReleases,
  openingOf,
  sameTrials,
  toldOf,
  trialsOf,
  type Opening,
  type SituationId,
} from '../prove/index';
import { movedByOperatorOnly, type Circuit, type SimState, type World } from '../simulate/index';
import {
  sharedBehaviourCache,
  type SharedBehaviourCache,
  type Shared,
  type Told,
} from './sharedBehaviourCache';
import { brokenWorld, defectOf, diedWith } from './brokenWorld';
import type { Fault } from './fault';
import { blankFootprint, isSpared, type Footprint } from './footprint';
import { answersFrom, bySituation, outcomeOf, worstOutcome, type Answers, type Outcome } from './outcome';
import type { FaultResult } from './result';
import { brokenCircuit, soundCircuit, soundRest, type SettledState } from './settledStates';
import { triedAnew } from './sweepAnew';
import { broken, replayFault, type Followed } from './replayFault';

/** What is the same for every fault of a door. */
interface Sweep extends Followed {
  readonly sound: World;
  readonly rest: SimState;
  /** What every trial is when nothing that is broken touches it, and the alarms that stand then. */
  readonly same: ReadonlyMap<SituationId, Outcome>;
  readonly alarms: readonly string[];
}

/**
 * Every fault in every situation, one result after the other: a caller may stop at any. What the devices do is explored once
 * and shared, so that a fault costs little more than the currents it changes; with `alike` also by doors that are built alike.
 */
export function* sweep(
  sound: World,
  rest: SimState,
  faults: readonly Fault[],
  alike: SharedBehaviourCache = sharedBehaviourCache(),
): Generator<FaultResult> {
  const trials = trialsOf(sound, rest);
  const releases = fireReleases(sound, rest).map(({ device }) => device.id);
  const all: Sweep = {
    sound,
    rest,
    shared: alike.of(sound, rest, releases),
    spot: soundRest(sound, rest),
    trials,
    same: bySituation(trials, () => 'same'),
    alarms: toldOf(sound, rest),
  };
  // Whether an operator opens a leaf that nothing holds is a matter of time and currents, not of a reading.
  const run = movedByOperatorOnly(sound) ? null : soundRun(all);
  if (!run) {
    yield* anew(all, faults);
    return;
  }
  let answers: Answers | null = null;
  for (const fault of faults) {
    const defect = defectOf(sound.netlist, fault);
    const died = diedWith(sound, fault);
    const spared = (print: Footprint) => died.length === 0 && isSpared(print, defect);
    const touched = spared(run.atRest)
      ? run.situations.filter(({ print }) => !spared(print))
      : run.situations;
    let result: Omit<FaultResult, 'fault'> | null = {
      outcomes: all.same,
      worst: 'same',
      alarms: all.alarms,
      openings: UNTOUCHED,
    };
    if (touched.length > 0) {
      const broken = brokenWorld(sound, defect, all.shared.bridged);
      sameTrials(sound, broken);
      const circuit = brokenCircuit(broken, all.shared.explored, defect);
      result =
        play(all, circuit, broken, died, touched) ??
        triedAnew(broken, rest, (answers ??= answersFrom(sound, rest)), fault);
    }
    yield { ...result, fault };
  }
}

const UNTOUCHED: FaultResult['openings'] = new Map();

/** Every fault for itself, where what happens hangs on more than readings. */
function* anew({ sound, rest, shared }: Sweep, faults: readonly Fault[]): Generator<FaultResult> {
  const answers = answersFrom(sound, rest);
  for (const fault of faults) {
    const broken = brokenWorld(sound, defectOf(sound.netlist, fault), shared.bridged);
    sameTrials(sound, broken);
    yield triedAnew(broken, rest, answers, fault);
  }
}

/** A situation of the sound door: its number, what it is, and what the circuit did while it was brought about. */
interface Sound {
  readonly number: number;
  readonly told: Told;
  readonly print: Footprint;
}

/** Plays the sound door through every situation, and keeps what its circuit did; null where that hangs on more than readings. */
function soundRun(all: Sweep): { readonly atRest: Footprint; readonly situations: readonly Sound[] } | null {
  let print = blankFootprint();
  const atRest = print;
  const circuit = soundCircuit(all.sound, all.shared.explored, {
    seen: (one) => print.seen.add(one),
    overBus: () => (print.overBus = true),
  });
  const spots: SettledState[] = [];
  const from = broken(all, circuit, all.sound, [], spots);
  if (!from) return null;
  const situations: Sound[] = [];
  for (const number of all.trials.keys()) {
    print = blankFootprint();
    const told = replayFault(all, circuit, all.sound, number, from, spots);
    if (!told) return null;
    situations.push({ number, told, print });
  }
  return { atRest, situations };
}

/** One fault by the ways that are known; null where what happens hangs on more than readings. */
function play(
  all: Sweep,
  circuit: Circuit<SettledState>,
  world: World,
  died: readonly string[],
  touched: readonly Sound[],
): Omit<FaultResult, 'fault'> | null {
  const spots: SettledState[] = [];
  const from = broken(all, circuit, world, died, spots);
  if (!from) return null;
  const outcomes = new Map(all.same);
  const openings = new Map<SituationId, Opening | null>();
  for (const { number, told: sound } of touched) {
    const told = replayFault(all, circuit, world, number, from, spots);
    if (!told) return null;
    if (told === sound) continue;
    const { id } = all.trials[number]!.situation;
    outcomes.set(id, worstOutcome([outcomes.get(id) ?? 'same', becameOf(all.shared, sound, told)]));
    const first = all.trials.findIndex(({ situation }) => situation.id === id) === number;
    if (first) openings.set(id, told.answer && openingOf(told.answer.cells));
  }
  const alarms = toldOf(world, from.at.state);
  return { outcomes, worst: worstOutcome(outcomes.values()), alarms, openings };
}

/** What became of a situation, told once for each pair. */
function becameOf({ became }: Shared, sound: Told, told: Told): Outcome {
  const known = became.get(sound) ?? new Map<Told, Outcome>();
  became.set(sound, known);
  const outcome = known.get(told) ?? outcomeOf(sound.answer, told.answer);
  known.set(told, outcome);
  return outcome;
}
