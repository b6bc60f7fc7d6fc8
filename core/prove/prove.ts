import { currentPath, OFF, type Netlist, terminalAt } from '../circuit/index';
import { doorDevices, exits } from '../door/index';
import { outerPin } from '../devices/index';
import { deviceOf, findTypeIn, pinOf, type Adjusted, type DeadState, type Plan } from '../plan/index';
import {
  doorHold,
  isLatched,
  keyTurns,
  leafWithoutLock,
  leverOpens,
  lockStatuses,
  movedByOperatorOnly,
  operatorOpens,
  stimulate,
  type LockStatus,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';
import type {
  Cell,
  Expectation,
  Means,
  Missing,
  PathLabel,
  Proof,
  ProofRow,
  Side,
  SituationId,
} from './proof';
import { fireReleases } from './fireReleases';
import { later } from './later';
import { lineReading, panelLines } from './panelLines';
import { SITUATIONS, trialAt, tried, trialsOf, type Situation, type Trial } from './situations';

/**
 * Proves a door: every situation against what must be possible from outside and inside. A cell passes only
 * on what the circuit does; where the plan does not say enough it is not proven, and says what is missing.
 */
export function prove(plan: Plan, world: World, rest: SimState): Proof {
  const deadState = provenFor(world);
  const atRest = lockStatuses(world, rest.point)[0];
  const restPath = atRest
    ? currentPath(world.netlist, rest.point, atRest.branch).map((step) => step.branch)
    : [];
  const trials = trialsOf(world, rest);
  const rows = SITUATIONS.flatMap((situation): ProofRow[] => {
    const row = rowOf(
      plan,
      world,
      rest,
      trials.filter((trial) => trial.situation === situation),
      deadState,
      restPath,
    );
    return row ? [row] : [];
  });
  return { rows };
}

/** The row of one situation; null where the door has nothing for it. */
export function proveOne(plan: Plan, world: World, rest: SimState, id: SituationId): ProofRow | null {
  const trials = trialsOf(world, rest).filter(({ situation }) => situation.id === id);
  return rowOf(plan, world, rest, trials, provenFor(world), []);
}

/** A situation at each device that brings it about: the row is the worst of them, and tells the others. */
function rowOf(
  plan: Plan,
  world: World,
  rest: SimState,
  trials: readonly Trial[],
  deadState: DeadState | null,
  restPath: readonly number[],
): ProofRow | null {
  const done = trials.flatMap((trial) => {
    const state = tried(trial, world, rest);
    return state ? [{ trial, state, ...cellsOf(world, trial.situation, state, deadState) }] : [];
  });
  const [worst] = [...done].sort((a, b) => severity(b.cells) - severity(a.cells));
  if (!worst) return null;
  const { trial, state, cells, locks } = worst;
  const path = locks[0] ? currentPath(world.netlist, state.point, locks[0].branch) : [];
  return {
    situation: trial.situation.id,
    at: trialAt(trial),
    each: done.length > 1 ? done.map((one) => ({ tag: trialAt(one.trial) ?? '', cells: one.cells })) : [],
    cells,
    locks,
    path: path.map((step) => label(plan, world.netlist, step.branch, step.from, step.to)),
    opened: restPath
      .filter(
        (branch) => world.netlist.branches[branch]?.kind === 'contact' && state.point.on[branch] === OFF,
      )
      .map((branch) => {
        const { a, b } = world.netlist.branches[branch] ?? { a: 0, b: 0 };
        return label(plan, world.netlist, branch, a, b);
      }),
    alarms: [...state.alarms].sort(),
    lines: panelLines(world).map((line) => ({ tag: line.tag, reads: lineReading(line, state) })),
    later: later(world, state),
  };
}

/** The worse of two cells by itself: one that fails, then one that is not proven. */
const severity = ({ outside, inside }: ProofRow['cells']): number =>
  [outside, inside].reduce(
    (sum, { verdict }) => sum + (verdict === 'fail' ? 4 : verdict === 'not-proven' ? 1 : 0),
    0,
  );

/** What can be proven of the two sides in a situation, and what the locks do in it. */
export function cellsOf(
  world: World,
  situation: Situation,
  state: SimState,
  deadState: DeadState | null,
  after: After = afterIn(world, state),
): { readonly cells: ProofRow['cells']; readonly locks: readonly LockStatus[] } {
  const locks = lockStatuses(world, state.point);
  const general = missingFor(world, state, locks, situation, deadState);
  const assumed = deadState ?? 'fail-safe';
  const { brief } = world.door;
  const outside = wanted(world, situation, 'outside', situation.outside(brief, assumed, world));
  const inside = wanted(world, situation, 'inside', situation.inside(brief, assumed));
  return {
    cells: {
      outside: latchedCell(
        world,
        situation,
        locks,
        outsideCell(world, situation, outside, state, locks, general),
      ),
      inside: insideCell(world, inside, state, locks, general, after),
    },
    locks,
  };
}

/** What is wanted of a side: as it follows from the brief, and what somebody wants instead. */
interface Wanted {
  readonly derived: Expectation;
  readonly adjusted: Adjusted | null;
}

function wanted(world: World, { id }: Situation, side: Side, derived: Expectation): Wanted {
  const found = world.door.expectations.find((one) => one.situation === id && one.side === side);
  return { derived, adjusted: found && found.wanted !== derived ? found : null };
}

/** What an act leads to from the state that is looked at. */
type After = (act: Stimulus) => SimState;

const afterIn =
  (world: World, state: SimState): After =>
  (act) =>
    stimulate(world, state, act).state;

/** The dead state that a door is proven for: the one chosen for it, or the one its locks agree on. */
export const provenFor = (world: World): DeadState | null =>
  world.door.deadState?.state ?? deadStateOf(world);

/** A step of a path in the words of the plan. */
export function label(plan: Plan, netlist: Netlist, branch: number, from: number, to: number): PathLabel {
  const part = netlist.branches[branch];
  if (part?.kind === 'conductor')
    return { kind: 'wire', number: plan.conductors[part.id]?.number ?? part.id };
  const device = deviceOf(terminalAt(netlist, from));
  const type = findTypeIn(plan, plan.devices[device]?.type ?? '');
  const pin = (node: number) => {
    const name = pinOf(terminalAt(netlist, node));
    return type ? outerPin(type, name) : name;
  };
  return {
    kind: 'part',
    tag: plan.devices[device]?.tag ?? device,
    from: pin(from),
    to: pin(to),
  };
}

/** What keeps every cell of this situation from being proven. */
function missingFor(
  world: World,
  state: SimState,
  locks: readonly LockStatus[],
  situation: Situation,
  deadState: DeadState | null,
): Missing[] {
  const missing: Missing[] = [];
  const unlocked = movedByOperatorOnly(world);
  if (locks.length === 0 && !unlocked) missing.push({ kind: 'no-lock' });
  if (leafWithoutLock(world) !== null) missing.push({ kind: 'leaf-without-lock' });
  if (deadState === null && !unlocked) missing.push({ kind: 'no-dead-state' });
  if (state.unstable || state.point.restless.length > 0) missing.push({ kind: 'restless' });
  for (const lock of locks) {
    if (lock.hold === 'weak') missing.push({ kind: 'weak-lock', tag: lock.tag, volts: lock.volts ?? 0 });
  }
  const inFire = situation.id === 'fire' && deadState === 'fail-safe';
  if (inFire && fireReleases(world).length === 0) missing.push({ kind: 'no-fire-release' });
  return missing;
}

function outsideCell(
  world: World,
  situation: Situation,
  want: Wanted,
  state: SimState,
  locks: readonly LockStatus[],
  general: readonly Missing[],
): Cell {
  const missing = [...general];
  const expectation = want.adjusted?.wanted ?? want.derived;
  if (world.door.brief.rescuers === null && expectation === 'may')
    missing.push({ kind: 'brief', question: 'rescuers' });
  const unlocked = movedByOperatorOnly(world);
  const byHand = world.door.brief.mechanicalEgress === true;
  const free = unlocked
    ? byHand || operatorOpens(world, state)
    : state.doorOpen || doorHold(locks) === 'free';
  const key = free ? null : keyFor(world, situation, expectation);
  if (key?.kind === 'brief' || key?.kind === 'no-way-in') missing.push(key);
  // Nothing is planned that keeps such a leaf shut: only that it opens when asked can be proven.
  if (unlocked && expectation === 'must-not')
    return cell(
      { derived: 'may', adjusted: null },
      free ? [{ kind: 'unlocked' }] : [],
      [{ kind: 'unlocked' }],
      () => free,
      missing,
    );
  if (unlocked && !free) missing.push({ kind: 'leaf-by-hand' });
  const works: Means[] = free ? [{ kind: 'unlocked' }] : key?.kind === 'key' ? [key] : [];
  return cell(want, works, [{ kind: 'unlocked' }], () => free, missing);
}

/** Situations in which a fire burns, or may have taken the power. */
const BURNING: ReadonlySet<SituationId> = new Set(['dead', 'fire', 'fire-burnt']);

/** A fire door must stay latched then, whatever else is asked of it: it may be unlocked, and not stand ajar for the smoke. */
function latchedCell(world: World, { id }: Situation, locks: readonly LockStatus[], cell: Cell): Cell {
  if (world.door.brief.fireDoor !== true || !BURNING.has(id)) return cell;
  const latched = isLatched(world, locks);
  if (latched === true) return cell;
  if (latched === null && world.door.brief.ownLatch === null)
    return {
      ...cell,
      verdict: 'not-proven',
      missing: [...cell.missing, { kind: 'brief', question: 'ownLatch' }],
    };
  return { ...cell, unlatched: true, verdict: cell.missing.length > 0 ? 'not-proven' : 'fail' };
}

/** How rescuers get through a door that stays locked then: by a key; or what keeps that from being proven. Null where nobody asks. */
function keyFor(world: World, { id }: Situation, expectation: Expectation): Means | Missing | null {
  const { rescuers, keyOverride } = world.door.brief;
  if (rescuers !== true || expectation !== 'must-not' || !BURNING.has(id)) return null;
  if (keyOverride === null) return { kind: 'brief', question: 'keyOverride' };
  return keyTurns(world) ? { kind: 'key' } : { kind: 'no-way-in' };
}

/** True where whoever is inside gets out by no act but the lever or a push: no button and no glass adds to that. */
export function leavesFreely(world: World, state: SimState): boolean {
  if (world.door.brief.mechanicalEgress !== false && leverOpens(world)) return true;
  return standsFree(world, state, lockStatuses(world, state.point));
}

/** True where nothing holds the leaf: it stands open, no lock holds, or an operator alone would open it. */
const standsFree = (world: World, state: SimState, locks: readonly LockStatus[]): boolean =>
  movedByOperatorOnly(world) ? operatorOpens(world, state) : state.doorOpen || doorHold(locks) === 'free';

/** Every way out that the door has, each tried from this very state, and those that work. */
export function waysOut(
  world: World,
  state: SimState,
  locks: readonly LockStatus[] = lockStatuses(world, state.point),
  after: After = afterIn(world, state),
): { tried: Means[]; works: Means[] } {
  const ways: Means[] = [];
  const works: Means[] = [];
  const attempt = (means: Means, success: boolean) => {
    ways.push(means);
    if (success) works.push(means);
  };
  // A circuit that does not come to rest proves no way out.
  const freeAfter = (next: SimState) =>
    !next.unstable &&
    next.point.restless.length === 0 &&
    (movedByOperatorOnly(world)
      ? operatorOpens(world, next)
      : doorHold(lockStatuses(world, next.point)) === 'free');
  if (world.door.brief.mechanicalEgress !== false) attempt({ kind: 'lever' }, leverOpens(world));
  attempt({ kind: 'unlocked' }, standsFree(world, state, locks));
  for (const { device } of exits(world)) {
    const next = after({ kind: 'press', device: device.id });
    attempt({ kind: 'exit', tag: device.tag }, freeAfter(next));
  }
  for (const { device } of doorDevices(world, 'breakGlass')) {
    const next = after({ kind: 'breakGlass', device: device.id });
    attempt({ kind: 'break-glass', tag: device.tag }, freeAfter(next));
  }
  return { tried: ways, works };
}

/** A cell for leaving: enough is a way out, or one that asks for no act at all. */
function insideCell(
  world: World,
  want: Wanted,
  state: SimState,
  locks: readonly LockStatus[],
  general: readonly Missing[],
  after: After,
): Cell {
  const { tried: ways, works } = waysOut(world, state, locks, after);
  const freely = works.some(({ kind }) => kind === 'lever' || kind === 'unlocked');
  const possible = (expectation: Expectation) => (expectation === 'must-freely' ? freely : works.length > 0);
  const enough = possible(want.adjusted?.wanted ?? want.derived);
  const missing = general.filter((one) => one.kind !== 'weak-lock' || !enough);
  if (!enough && movedByOperatorOnly(world) && world.door.brief.mechanicalEgress !== true)
    missing.push({ kind: 'leaf-by-hand' });
  if (!enough && world.door.brief.mechanicalEgress === null)
    missing.push({ kind: 'brief', question: 'mechanicalEgress' });
  return cell(want, works, ways, possible, missing);
}

/** True where what is possible is what is wanted. */
const meets = (expectation: Expectation, possible: (one: Expectation) => boolean): boolean =>
  expectation === 'may' || possible(expectation) === (expectation !== 'must-not');

/** `possible` tells whether there is a way through as it is asked for. */
function cell(
  { derived, adjusted }: Wanted,
  works: readonly Means[],
  ways: readonly Means[],
  possible: (expectation: Expectation) => boolean,
  general: readonly Missing[],
): Cell {
  const expectation = adjusted?.wanted ?? derived;
  const met = meets(expectation, possible);
  // Nobody makes a way out or in for rescuers dispensable by writing so: it is as much as is not proven.
  const less = adjusted && met && derived !== 'must-not' && !meets(derived, possible);
  const missing: readonly Missing[] = less
    ? [...general, { kind: 'asked-less', reason: adjusted.reason }]
    : general;
  const verdict = missing.length > 0 ? 'not-proven' : met ? 'pass' : 'fail';
  const unsure = general.some((one) => one.kind !== 'brief');
  const got = unsure ? 'unsure' : possible(expectation) ? 'possible' : 'impossible';
  return { expectation, adjusted, got, verdict, works, tried: ways, missing, unlatched: false };
}

/** The dead state the locks themselves have, where all agree. */
function deadStateOf(world: World): DeadState | null {
  const states = new Set(world.locks.flatMap(({ resolved }) => resolved.dead ?? []));
  const [only] = states;
  return states.size === 1 && only ? only : null;
}

/** The worse of a row's two verdicts. */
export function worstOf(row: ProofRow): Cell['verdict'] {
  const verdicts = (['outside', 'inside'] satisfies Side[]).map((side) => row.cells[side].verdict);
  return verdicts.includes('fail') ? 'fail' : verdicts.includes('not-proven') ? 'not-proven' : 'pass';
}

/** How many cells of a proof have each verdict. */
export function tallyOf(rows: readonly ProofRow[]): Readonly<Record<Cell['verdict'], number>> {
  const tally = { pass: 0, fail: 0, 'not-proven': 0 };
  for (const { cells } of rows) for (const { verdict } of [cells.outside, cells.inside]) tally[verdict] += 1;
  return tally;
}
