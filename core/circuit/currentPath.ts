import type { Netlist } from './netlist';
import type { OperatingPoint } from './operatingPoint';

/** One branch that a current takes, in the direction it flows. */
export interface PathStep {
  readonly branch: number;
  /** Node the current enters the branch at. */
  readonly from: number;
  readonly to: number;
}

/**
 * The way the largest share of a load's current takes from its source, through the load and back, starting
 * at the source. Empty where the load carries less than a tenth of a milliamp.
 */
export function currentPath(netlist: Netlist, point: OperatingPoint, load: number): PathStep[] {
  const start = netlist.branches[load];
  if (!start || Math.abs(point.amps[load] ?? 0) < 1e-4) return [];
  const forward = (point.amps[load] ?? 0) > 0;
  const enter = forward ? start.a : start.b;
  const leave = forward ? start.b : start.a;
  const upstream = walk(netlist, point, enter, -1).reverse();
  const downstream = walk(netlist, point, leave, 1);
  return [...upstream, { branch: load, from: enter, to: leave }, ...downstream];
}

/** Follows the strongest current away from a node, with it (1) or against it (−1), until a source. */
function walk(netlist: Netlist, point: OperatingPoint, start: number, direction: 1 | -1): PathStep[] {
  const steps: PathStep[] = [];
  const visited = new Set([start]);
  let node = start;
  for (;;) {
    let best: PathStep | null = null;
    let size = 1e-5;
    netlist.branches.forEach((branch, index) => {
      if (branch.a !== node && branch.b !== node) return;
      const other = branch.a === node ? branch.b : branch.a;
      const outward = (branch.a === node ? 1 : -1) * (point.amps[index] ?? 0) * direction;
      if (outward <= size || visited.has(other)) return;
      size = outward;
      best = { branch: index, from: direction === 1 ? node : other, to: direction === 1 ? other : node };
    });
    const step = best as PathStep | null;
    if (!step || netlist.branches[step.branch]?.kind === 'source') return steps;
    steps.push(step);
    node = direction === 1 ? step.to : step.from;
    visited.add(node);
  }
}
