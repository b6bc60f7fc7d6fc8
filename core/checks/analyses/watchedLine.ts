import { terminalAt, type Branch, type BranchOf } from '../../circuit/index';
import { deviceOf, type Conductor, type Plan } from '../../plan/index';
import type { World } from '../../simulate/index';

/** A core shorter than this lies within one box, metres: nobody cuts it or pinches it by accident. */
const RUN_FROM = 3;

/** True for a core that lies within one box. */
export const isJumper = ({ length }: Pick<Conductor, 'length'>): boolean => length < RUN_FROM;

const WATCHED: ReadonlySet<string> = new Set(['conductor', 'contact', 'resistor', 'link']);

/** Branches that can be reached from an input through contacts and resistors, without what lies behind its own device. */
function reached({ netlist }: World, input: BranchOf<'input'>): Branch[] {
  const isPassage = ({ kind }: Branch) => WATCHED.has(kind);
  const isOwn = (node: number) => deviceOf(terminalAt(netlist, node)) === input.device;
  const seen = new Set([input.a]);
  const queue = [input.a];
  const found = new Set<Branch>();
  for (let node = queue.pop(); node !== undefined; node = queue.pop()) {
    for (const branch of netlist.branches) {
      if (!isPassage(branch) || (branch.a !== node && branch.b !== node)) continue;
      const other = branch.a === node ? branch.b : branch.a;
      if (isOwn(other) && other !== input.b) continue;
      found.add(branch);
      if (seen.has(other) || other === input.b) continue;
      seen.add(other);
      queue.push(other);
    }
  }
  return [...found];
}

/** Without the branches that end nowhere: what is left lies on a way from the input to its common. */
function withoutDeadEnds(branches: readonly Branch[], ends: Pick<Branch, 'a' | 'b'>): readonly Branch[] {
  const times = new Map<number, number>([
    [ends.a, 2],
    [ends.b, 2],
  ]);
  for (const branch of branches)
    for (const node of [branch.a, branch.b]) times.set(node, (times.get(node) ?? 0) + 1);
  const left = branches.filter((branch) => (times.get(branch.a) ?? 0) > 1 && (times.get(branch.b) ?? 0) > 1);
  return left.length === branches.length ? left : withoutDeadEnds(left, ends);
}

/**
 * The cores of a supervised pair that run through the building: every conductor on a way from the input to its common,
 * through contacts and resistors, that is longer than what lies within one box.
 */
export function watchedRuns(world: World, plan: Plan, input: BranchOf<'input'>): Conductor[] {
  return withoutDeadEnds(reached(world, input), input).flatMap(({ kind, id }) => {
    const wire = kind === 'conductor' ? plan.conductors[id] : undefined;
    return wire && !isJumper(wire) ? [wire] : [];
  });
}
