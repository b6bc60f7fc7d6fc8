import type { Netlist } from '../../circuit/index';

/** Nodes that anything but an input or an open board's leak joins, contacts in either position: equal numbers for joined ones. */
export function joinedByAll({ nodes, branches }: Netlist): Int32Array {
  const parent = Int32Array.from(nodes, (_, node) => node);
  const root = (node: number): number => {
    let at = node;
    while (parent[at] !== at) at = parent[at]!;
    return at;
  };
  for (const { kind, a, b } of branches) {
    if (kind === 'input' || kind === 'source') continue;
    const [one, two] = [root(a), root(b)];
    if (one !== two) parent[Math.max(one, two)] = Math.min(one, two);
  }
  return parent.map((_, node) => root(node));
}
