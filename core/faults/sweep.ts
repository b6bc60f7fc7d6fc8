import { exits, doorDevices } from '../door/index';
import {
  cellsOf,
  fireReleases,
  provenFor,
  sameReleases,
  SITUATIONS,
  type Situation,
  type SituationId,
} from '../prove/index';
import {
  brokenSolver,
  explorer,
  movedByOperatorOnly,
  NotShared,
  soundSolver,
  stateAt,
  type Explored,
  type Place,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';
import { makeAlike, type Alike } from './alike';
import { brokenWorld, defectOf, diedWith } from './brokenWorld';
import type { Fault } from './fault';
import { addRead, blankFootprint, isSpared, type Footprint, type Footprints } from './footprint';
import { answersFrom, outcomeOf, worstOutcome, type Answers, type Outcome } from './outcome';
import { UNTIL_QUIET_MS, type FaultResult } from './result';
import { triedAnew } from './sweepAnew';

/** What is the same for every fault of a door. */
interface Sweep {
  readonly sound: World;
  readonly rest: SimState;
  readonly answers: Answers;
  readonly explored: Explored;
  /** Acts by which people leave, each tried in every situation. */
  readonly acts: readonly Stimulus[];
  /** What every situation is when nothing that is broken touches it, and the alarms that stand then. */
  readonly same: ReadonlyMap<SituationId, Outcome>;
  readonly alarms: readonly string[];
  /** Outcomes by situation and by where it and each act lead. */
  readonly known: Map<string, Outcome>;
}

/**
 * Every fault in every situation, one result after the other: a caller may stop at any. What the devices do is explored once
 * and shared, so that a fault costs little more than the currents it changes; with `alike` also by doors that are built alike.
 */
export function* sweep(
  sound: World,
  rest: SimState,
  faults: readonly Fault[],
  alike: Alike = makeAlike(),
): Generator<FaultResult> {
  const releases = fireReleases(sound, rest).map(({ device }) => device.id);
  const answers = answersFrom(sound, rest);
  const { explored, known } = alike.of(sound, rest, answers, releases);
  const all: Sweep = {
    sound,
    rest,
    answers,
    explored,
    acts: [
      ...exits(sound).map(({ device }): Stimulus => ({ kind: 'press', device: device.id })),
      ...doorDevices(sound, 'breakGlass').map(({ device }): Stimulus => ({
        kind: 'breakGlass',
        device: device.id,
      })),
    ],
    same: new Map(SITUATIONS.map(({ id }): [SituationId, Outcome] => [id, 'same'])),
    alarms: [...rest.alarms].sort(),
    known,
  };
  // Whether an operator opens a leaf that nothing holds is a matter of time and currents, not of a reading.
  const prints = movedByOperatorOnly(sound) ? null : soundRun(all);
  for (const fault of faults) {
    const defect = defectOf(sound.netlist, fault);
    const died = diedWith(sound, fault);
    const spared = (print: Footprint | undefined) => died.length === 0 && !!print && isSpared(print, defect);
    const rests = prints !== null && spared(prints.atRest);
    const touched = rests ? SITUATIONS.filter(({ id }) => !spared(prints.of.get(id))) : SITUATIONS;
    if (touched.length === 0) {
      yield { fault, outcomes: all.same, worst: 'same', alarms: all.alarms };
      continue;
    }
    const broken = brokenWorld(sound, defect);
    sameReleases(sound, broken);
    const by = explorer(broken, all.explored, brokenSolver(broken, all.explored, defect));
    const played = prints === null ? null : play(all, by, broken, died, touched);
    yield played ? { fault, ...played } : triedAnew(broken, rest, all.answers, fault);
  }
}

/** Plays the sound door through every situation, and keeps what its circuit did; null where that hangs on more than readings. */
function soundRun(all: Sweep): Footprints | null {
  let print = blankFootprint();
  const atRest = print;
  const by = explorer(
    all.sound,
    all.explored,
    soundSolver(all.sound, all.explored, all.rest.point, (one) => print.witnesses.add(one)),
    (from, stimulus) => addRead(print, all.sound, from, stimulus),
  );
  if (!play(all, by, all.sound, [], [])) return null;
  const of = new Map<SituationId, Footprint>();
  for (const situation of SITUATIONS) {
    print = blankFootprint();
    if (!play(all, by, all.sound, [], [situation])) return null;
    of.set(situation.id, print);
  }
  return { atRest, of };
}

/** One fault by the ways that are known; null where what happens hangs on more than readings. */
function play(
  all: Sweep,
  by: ReturnType<typeof explorer>,
  broken: World,
  died: readonly string[],
  touched: readonly Situation[],
): Omit<FaultResult, 'fault'> | null {
  try {
    const from: Place = { at: all.explored.rest, point: all.rest.point };
    const begins = by.change(from, `broken ${died.join(' ')}`, (state) =>
      died.length === 0 ? state : { ...state, failed: new Set([...state.failed, ...died]) },
    );
    const quiet = by.wait(begins, UNTIL_QUIET_MS);
    const outcomes = new Map(all.same);
    for (const situation of touched) {
      const sound = all.answers.get(situation.id) ?? null;
      const place = sound && situation.prepare(broken, quiet, by);
      if (!place) continue;
      let key = `${situation.id} ${place.at.id}`;
      for (const act of all.acts) key += ` ${by.act(place, act).at.id}`;
      let outcome = all.known.get(key);
      if (!outcome) {
        const state = stateAt(place);
        const after = (act: Stimulus) => stateAt(by.act(place, act));
        const { cells } = cellsOf(broken, situation, state, provenFor(broken), after);
        outcome = outcomeOf(sound, { cells, alarms: [...state.alarms].sort() });
        all.known.set(key, outcome);
      }
      outcomes.set(situation.id, outcome);
    }
    const alarms = [...quiet.at.state.alarms].sort();
    return { outcomes, worst: worstOutcome(outcomes.values()), alarms };
  } catch (error) {
    if (error instanceof NotShared) return null;
    throw error;
  }
}
