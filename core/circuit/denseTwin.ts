import type { LinearNetwork } from './linearNetwork';

/**
 * The slow twin: textbook modified nodal analysis with an unknown for every node and for the current of every
 * source, solved by Gaussian elimination with partial pivoting. Shares no code with the fast path and exists
 * to be compared with it. Returns node voltages, each island against its reference.
 */
export function solveDense(network: LinearNetwork): Float64Array {
  const n = network.nodes;
  const size = n + network.emfs.length;
  const matrix = Array.from({ length: size }, () => new Float64Array(size + 1));
  const add = (row: number, column: number, value: number) => {
    matrix[row]![column]! += value;
  };
  for (const { a, b, siemens } of network.resistors) {
    add(a, a, siemens);
    add(b, b, siemens);
    add(a, b, -siemens);
    add(b, a, -siemens);
  }
  network.emfs.forEach(({ a, b, volts, ohms }, index) => {
    // Unknown: current from a to b through the source. Row: Va − Vb − R·i = E.
    const row = n + index;
    add(a, row, 1);
    add(b, row, -1);
    add(row, a, 1);
    add(row, b, -1);
    add(row, row, -ohms);
    add(row, size, volts);
  });
  for (const { a, b, amps } of [...network.currents, ...network.powers]) {
    add(a, size, -amps);
    add(b, size, amps);
  }
  for (const reference of islandReferences(network)) {
    matrix[reference]!.fill(0);
    add(reference, reference, 1);
  }
  return eliminate(matrix).slice(0, n);
}

/**
 * One node of each island: the minus of its stiffest source, so that what hangs on it by megohms only does not
 * become the point that everything is measured from; without a source, the lowest-numbered node.
 */
export function islandReferences(network: LinearNetwork): number[] {
  const parent = Array.from({ length: network.nodes }, (_, node) => node);
  const find = (node: number): number => {
    let root = node;
    while (parent[root] !== root) root = parent[root]!;
    return root;
  };
  for (const { a, b } of [...network.resistors, ...network.emfs]) {
    const [low, high] = [find(a), find(b)].sort((x, y) => x - y) as [number, number];
    parent[high] = low;
  }
  const stiffest = new Map<number, LinearNetwork['emfs'][number]>();
  for (const emf of network.emfs) {
    const island = find(emf.b);
    const known = stiffest.get(island);
    if (!known || emf.ohms < known.ohms) stiffest.set(island, emf);
  }
  return parent.flatMap((up, node) => (up === node ? [stiffest.get(node)?.b ?? node] : []));
}

function eliminate(matrix: Float64Array[]): Float64Array {
  const size = matrix.length;
  for (let k = 0; k < size; k += 1) {
    let pivot = k;
    for (let row = k + 1; row < size; row += 1) {
      if (Math.abs(matrix[row]![k]!) > Math.abs(matrix[pivot]![k]!)) pivot = row;
    }
    [matrix[k], matrix[pivot]] = [matrix[pivot]!, matrix[k]!];
    for (let row = k + 1; row < size; row += 1) {
      const factor = matrix[row]![k]! / matrix[k]![k]!;
      if (factor === 0) continue;
      for (let column = k; column <= size; column += 1) {
        matrix[row]![column]! -= factor * matrix[k]![column]!;
      }
    }
  }
  const answer = new Float64Array(size);
  for (let k = size - 1; k >= 0; k -= 1) {
    let sum = matrix[k]![size]!;
    for (let column = k + 1; column < size; column += 1) sum -= matrix[k]![column]! * answer[column]!;
    answer[k] = sum / matrix[k]![k]!;
  }
  return answer;
}
