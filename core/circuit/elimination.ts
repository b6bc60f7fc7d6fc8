/**
 * Sparse solution of a resistive network by star-mesh elimination.
 *
 * A node with conductances g1..gm to its neighbours is replaced by a mesh of gi·gj/Σg between them, and its
 * injected current is shared out in proportion gi/Σg (Kron reduction). Every operation adds positive numbers,
 * so nothing cancels and no pivoting is needed; a node that is left without neighbours is the last of its
 * island and becomes that island's reference, so floating islands need no special case.
 *
 * Door wiring is nearly a tree: in order of least degree the work grows linearly with the number of nodes.
 */
export interface Elimination {
  readonly nodes: number;
  /** Slot of the conductance between the two nodes of each branch, by branch index. */
  readonly slotOf: Int32Array;
  readonly slots: number;
  /** Nodes in the order in which they are eliminated. */
  readonly order: Int32Array;
  /** Where step k's neighbours begin in `neighbour` and `edge`; one more entry than there are steps. */
  readonly first: Int32Array;
  readonly neighbour: Int32Array;
  readonly edge: Int32Array;
  /** Where step k's mesh pairs begin; one more entry than there are steps. */
  readonly firstPair: Int32Array;
  /** Triples of slots: g[target] += g[left]·g[right]/Σg. */
  readonly pairs: Int32Array;
}

/**
 * Chooses the order, unless one is given, and lays out memory for all later solutions over the same pattern of branches. Any
 * order gives the same potentials; a good one gives them sooner.
 */
export function planElimination(
  nodes: number,
  branches: readonly (readonly [number, number])[],
  given?: Int32Array,
): Elimination {
  const adjacent: Map<number, number>[] = Array.from({ length: nodes }, () => new Map());
  let slots = 0;
  const slotBetween = (a: number, b: number): number => {
    const known = adjacent[a]?.get(b);
    if (known !== undefined) return known;
    const slot = slots;
    slots += 1;
    adjacent[a]?.set(b, slot);
    adjacent[b]?.set(a, slot);
    return slot;
  };
  const slotOf = Int32Array.from(branches, ([a, b]) => slotBetween(a, b));

  const order: number[] = [];
  const first = [0];
  const neighbour: number[] = [];
  const edge: number[] = [];
  const firstPair = [0];
  const pairs: number[] = [];
  const queue = given ? inOrder(given) : leastDegreeFirst(adjacent);
  for (let node = queue.next(); node >= 0; node = queue.next()) {
    order.push(node);
    const around = [...(adjacent[node] ?? [])];
    for (const [other, slot] of around) {
      neighbour.push(other);
      edge.push(slot);
      adjacent[other]?.delete(node);
    }
    for (let i = 0; i < around.length; i += 1) {
      for (let j = i + 1; j < around.length; j += 1) {
        const [one, slotOne] = around[i] as [number, number];
        const [two, slotTwo] = around[j] as [number, number];
        pairs.push(slotOne, slotTwo, slotBetween(one, two));
      }
    }
    for (const [other] of around) queue.changed(other);
    first.push(neighbour.length);
    firstPair.push(pairs.length);
  }
  return {
    nodes,
    slotOf,
    slots,
    order: Int32Array.from(order),
    first: Int32Array.from(first),
    neighbour: Int32Array.from(neighbour),
    edge: Int32Array.from(edge),
    firstPair: Int32Array.from(firstPair),
    pairs: Int32Array.from(pairs),
  };
}

/** Nodes in an order that is known to do. */
function inOrder(order: Int32Array) {
  let at = 0;
  return { next: () => order[at++] ?? -1, changed: () => undefined };
}

/**
 * Nodes by least degree, the first of equals first; a degree of nothing or one is as good as the other. A heap of what each
 * node's degree was: an entry that is out of date is passed over.
 */
function leastDegreeFirst(adjacent: readonly ReadonlyMap<number, number>[]) {
  const nodes = adjacent.length;
  const done = new Uint8Array(nodes);
  const rank = (node: number) => Math.max(1, adjacent[node]!.size) * nodes + node;
  const heap = Array.from(adjacent, (_, node) => rank(node)).sort((a, b) => a - b);
  const push = (value: number): void => {
    let at = heap.push(value) - 1;
    while (at > 0) {
      const up = (at - 1) >> 1;
      if (heap[up]! <= value) break;
      heap[at] = heap[up]!;
      at = up;
    }
    heap[at] = value;
  };
  const pop = (): number => {
    const top = heap[0]!;
    const last = heap.pop()!;
    if (heap.length === 0) return top;
    let at = 0;
    for (;;) {
      let down = 2 * at + 1;
      if (down >= heap.length) break;
      if (down + 1 < heap.length && heap[down + 1]! < heap[down]!) down += 1;
      if (heap[down]! >= last) break;
      heap[at] = heap[down]!;
      at = down;
    }
    heap[at] = last;
    return top;
  };
  return {
    /** The next node to eliminate, −1 when none is left. */
    next(): number {
      while (heap.length > 0) {
        const value = pop();
        const node = value % nodes;
        if (done[node] === 1 || value !== rank(node)) continue;
        done[node] = 1;
        return node;
      }
      return -1;
    },
    /** Says that a node's degree may be another now. */
    changed(node: number): void {
      push(rank(node));
    },
  };
}

/** Working memory of one network, reused from solution to solution. */
export interface Workspace {
  /** Conductance per slot: fill with the network's own, then call `eliminateInPlace`. */
  readonly conductance: Float64Array;
  /** Reciprocal of the sum of conductances met when each step's node was eliminated; 0 for a reference. */
  readonly inverse: Float64Array;
  /** What share of its current each step's node gave to each neighbour. */
  readonly share: Float64Array;
  /** Injected current per node: fill, then call `potentialsInPlace`, which consumes it. */
  readonly injection: Float64Array;
  readonly potential: Float64Array;
  /** Equal for nodes that a current could join: filled by the elimination. */
  readonly island: Int32Array;
  /** Injected currents that do not depend on the voltages, kept while boards are iterated. */
  readonly steady: Float64Array;
  /** Nodes per island, and shift of each island's reference, by the island's number. */
  readonly members: Int32Array;
  readonly shift: Float64Array;
}

export const makeWorkspace = (plan: Elimination): Workspace => ({
  conductance: new Float64Array(plan.slots),
  inverse: new Float64Array(plan.nodes),
  share: new Float64Array(plan.edge.length),
  injection: new Float64Array(plan.nodes),
  potential: new Float64Array(plan.nodes),
  island: new Int32Array(plan.nodes),
  steady: new Float64Array(plan.nodes),
  members: new Int32Array(plan.nodes),
  shift: new Float64Array(plan.nodes),
});

/** Forward elimination, and which nodes a current could join. Consumes `conductance`. */
export function eliminateInPlace(plan: Elimination, work: Workspace): void {
  const { order, first, neighbour, edge, firstPair, pairs } = plan;
  const { conductance: g, inverse, share, island } = work;
  const steps = order.length;
  for (let k = 0; k < steps; k += 1) {
    const [from, to] = [first[k]!, first[k + 1]!];
    let sum = 0;
    for (let i = from; i < to; i += 1) sum += g[edge[i]!]!;
    if (sum === 0) {
      inverse[k] = 0;
      continue;
    }
    const reciprocal = 1 / sum;
    inverse[k] = reciprocal;
    for (let i = from; i < to; i += 1) share[i] = g[edge[i]!]! * reciprocal;
    for (let p = firstPair[k]!; p < firstPair[k + 1]!; p += 3) {
      const product = g[pairs[p]!]! * g[pairs[p + 1]!]!;
      if (product !== 0) g[pairs[p + 2]!]! += product * reciprocal;
    }
  }
  for (let k = steps - 1; k >= 0; k -= 1) {
    const node = order[k]!;
    if (inverse[k] === 0) {
      island[node] = node;
      continue;
    }
    let i = first[k]!;
    while (share[i] === 0) i += 1;
    island[node] = island[neighbour[i]!]!;
  }
}

/** Potentials for the injected currents, each island against its own last node. Consumes `injection`. */
export function potentialsInPlace(plan: Elimination, work: Workspace): void {
  const { order, first, neighbour } = plan;
  const { inverse, share, injection, potential } = work;
  const steps = order.length;
  for (let k = 0; k < steps; k += 1) {
    const amps = injection[order[k]!]!;
    if (amps === 0 || inverse[k] === 0) continue;
    for (let i = first[k]!, to = first[k + 1]!; i < to; i += 1) injection[neighbour[i]!]! += share[i]! * amps;
  }
  for (let k = steps - 1; k >= 0; k -= 1) {
    const node = order[k]!;
    const own = inverse[k]!;
    if (own === 0) {
      potential[node] = 0;
      continue;
    }
    let sum = injection[node]! * own;
    for (let i = first[k]!, to = first[k + 1]!; i < to; i += 1) sum += share[i]! * potential[neighbour[i]!]!;
    potential[node] = sum;
  }
}
