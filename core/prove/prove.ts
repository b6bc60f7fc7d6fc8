import { currentPath, OFF, type Netlist, terminalAt } from '../circuit/index';
import { outerPin } from '../devices/index';
import { deviceOf, findTypeIn, pinOf, type DeadState, type Plan } from '../plan/index';
import { lockStatuses, player, type SimState, type World } from '../simulate/index';
import { cellsFrom, type Judged } from './cells';
import { stateAfterDelay } from './stateAfterDelay';
import { lineReading, panelLines } from './panelLines';
import type { Cell, PathLabel, Proof, ProofRow, Side, SituationId } from './proof';
import type { Situation } from './situation';
import { SITUATIONS } from './situations';
import { trialAt, tried, trialsOf, type Trial } from './trials';

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
    later: stateAfterDelay(world, state),
  };
}

/** The worse of two cells by itself: one that fails, then one that is not proven. */
const severity = ({ outside, inside }: ProofRow['cells']): number =>
  [outside, inside].reduce(
    (sum, { verdict }) => sum + (verdict === 'fail' ? 4 : verdict === 'not-proven' ? 1 : 0),
    0,
  );

/** The same in the simulation itself. */
export const cellsOf = (
  world: World,
  situation: Situation,
  state: SimState,
  deadState: DeadState | null,
): Judged => cellsFrom(world, situation, player(world), state, deadState);

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
