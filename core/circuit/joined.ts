import type { Branch } from './branch';
import type { Netlist } from './netlist';

/** Nodes grouped by whatever branches join: the number of a node's group is one of its nodes. */
export function groupedNodes(
  { nodes, branches }: Pick<Netlist, 'nodes' | 'branches'>,
  joins: (branch: Branch) => boolean,
): Int32Array {
  const parent = Int32Array.from({ length: nodes.length }, (_, node) => node);
  const root = (node: number): number => {
    let at = node;
    while (parent[at] !== at) {
      parent[at] = parent[parent[at]!]!;
      at = parent[at]!;
    }
    return at;
  };
  for (const branch of branches) {
    if (joins(branch)) parent[root(branch.a)] = root(branch.b);
  }
  return parent.map((_, node) => root(node));
}

/** Which nodes are one point electrically: joined by conductors and joints alone, whatever contacts do. */
export const joinedNodes = (netlist: Netlist, cut: ReadonlySet<string> = new Set()): Int32Array =>
  groupedNodes(
    netlist,
    (branch) =>
      branch.kind === 'link' || (branch.kind === 'conductor' && branch.siemens > 0 && !cut.has(branch.id)),
  );
