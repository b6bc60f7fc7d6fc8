import {
  islandReferences,
  linearise,
  type Conditions,
  type LinearNetwork,
  type Netlist,
  type OperatingPoint,
} from '../../circuit/index';

/** A SPICE deck with the names its nodes have there, so that its answers can be compared node by node. */
export interface SpiceDeck {
  readonly text: string;
  /** Node number by SPICE node name, for every node the deck holds. */
  readonly nodes: ReadonlyMap<string, number>;
  /** Nodes that stand as SPICE node 0: one of each island. */
  readonly grounds: readonly number[];
}

/**
 * Writes a circuit in the state of an operating point as a SPICE deck. Contacts, coils and limits stand as
 * they settled; conductors, sources and boards are there with their own laws (a constant-power board as a
 * behavioural current), so the voltages are found independently. Each island is tied to ground at one node:
 * islands do not meet, so that changes nothing.
 */
export function spiceDeck(
  netlist: Netlist,
  point: OperatingPoint,
  conditions: Conditions,
  title: string,
): SpiceDeck {
  const network = linearise(netlist, point, conditions);
  const grounds = islandReferences(network);
  const used = usedNodes(network);
  const ground = new Set(grounds);
  const name = (node: number) => (ground.has(node) ? '0' : `n${node}`);
  const nodes = new Map<string, number>();
  for (const node of used) if (!ground.has(node)) nodes.set(name(node), node);
  const lines: string[] = [`* ${title.replaceAll(/[^\x20-\x7e]/g, '?')}`];
  for (const node of [...used].sort((a, b) => a - b))
    lines.push(`* ${name(node)} = ${netlist.nodes[node] ?? ''}`);
  network.resistors.forEach(({ a, b, siemens }, i) =>
    lines.push(`R${i} ${name(a)} ${name(b)} ${exact(1 / siemens)}`),
  );
  network.emfs.forEach(({ a, b, volts, ohms }, i) => {
    lines.push(`VE${i} e${i} ${name(b)} DC ${exact(volts)}`, `RE${i} ${name(a)} e${i} ${exact(ohms)}`);
  });
  network.currents.forEach(({ a, b, amps }, i) =>
    lines.push(`I${i} ${name(a)} ${name(b)} DC ${exact(amps)}`),
  );
  network.powers.forEach(({ a, b, watts }, i) => {
    lines.push(`B${i} ${name(a)} ${name(b)} I = ${exact(watts)} / max(V(${name(a)},${name(b)}), 1)`);
  });
  lines.push('.options reltol=1e-9 abstol=1e-15 vntol=1e-12 itl1=500 numdgt=16', '.op', '.end', '');
  return { text: lines.join('\n'), nodes, grounds };
}

const exact = (value: number): string => value.toPrecision(17);

function usedNodes(network: LinearNetwork): Set<number> {
  const used = new Set<number>();
  for (const { a, b } of [...network.resistors, ...network.emfs, ...network.currents, ...network.powers]) {
    used.add(a);
    used.add(b);
  }
  return used;
}
