import type { Netlist } from './netlist';

/**
 * Which nodes are one point electrically: joined by conductors and joints alone, whatever contacts do. The
 * number of a node's group is one of its nodes.
 */
export function joinedNodes(netlist: Netlist, cut: ReadonlySet<string> = new Set()): Int32Array {
  const parent = Int32Array.from({ length: netlist.nodes.length }, (_, node) => node);
  const root = (node: number): number => {
    let at = node;
    while (parent[at] !== at) {
      parent[at] = parent[parent[at]!]!;
      at = parent[at]!;
    }
    return at;
  };
  for (const branch of netlist.branches) {
    if (branch.kind !== 'link' && (branch.kind !== 'conductor' || cut.has(branch.id))) continue;
    parent[root(branch.a)] = root(branch.b);
  }
  return parent.map((_, node) => root(node));
}
