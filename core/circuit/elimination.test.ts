import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildWorld } from '../simulate/index';
import { siteOf } from '../specimens/site';
import { eliminateInPlace, makeWorkspace, planElimination, potentialsInPlace } from './elimination';
import { numberTried } from '../../scripts/testSlice';

type Pair = readonly [number, number];

/** The slow twin: after every step looks at all nodes that are left. */
function leastDegreeOrder(nodes: number, branches: readonly Pair[]): number[] {
  const adjacent = Array.from({ length: nodes }, () => new Set<number>());
  const join = (a: number, b: number) => {
    adjacent[a]!.add(b);
    adjacent[b]!.add(a);
  };
  for (const [a, b] of branches) join(a, b);
  const left = new Set(adjacent.keys());
  const order: number[] = [];
  while (left.size > 0) {
    const rank = (node: number) => Math.max(1, adjacent[node]!.size);
    const node = [...left].reduce((best, one) => (rank(one) < rank(best) ? one : best));
    left.delete(node);
    order.push(node);
    const around = [...adjacent[node]!];
    for (const one of around) adjacent[one]!.delete(node);
    for (const one of around) for (const two of around) if (one < two) join(one, two);
  }
  return order;
}

const network = fc.integer({ min: 1, max: 18 }).chain((nodes) => {
  const node = fc.nat(nodes - 1);
  const ends = fc.tuple(node, node).filter(([a, b]) => a !== b);
  return fc.record({
    nodes: fc.constant(nodes),
    branches: nodes < 2 ? fc.constant<Pair[]>([]) : fc.array<Pair>(ends, { maxLength: 40 }),
  });
});

describe('planElimination', () => {
  it('takes the nodes by least degree, the first of equals first, as looking at all of them does', () => {
    fc.assert(
      fc.property(network, ({ nodes, branches }) => {
        expect([...planElimination(nodes, branches).order]).toEqual(leastDegreeOrder(nodes, branches));
      }),
      { numRuns: numberTried(300) },
    );
  });
  it('eliminates every node once, and gives two branches between the same nodes one slot', () => {
    fc.assert(
      fc.property(network, ({ nodes, branches }) => {
        const plan = planElimination(nodes, branches);
        expect([...plan.order].sort((a, b) => a - b)).toEqual(Array.from({ length: nodes }, (_, n) => n));
        branches.forEach(([a, b], one) =>
          branches.forEach(([c, d], two) => {
            const same = [a, b].sort().join() === [c, d].sort().join();
            expect(plan.slotOf[one] === plan.slotOf[two]).toBe(same);
          }),
        );
      }),
      { numRuns: numberTried(60) },
    );
  });
  it('solves a divider by hand', () => {
    const plan = planElimination(3, [
      [0, 1],
      [1, 2],
    ]);
    const work = makeWorkspace(plan);
    // 1 A through 2 Ω and 4 Ω in series.
    work.conductance.set([1 / 2, 1 / 4]);
    eliminateInPlace(plan, work);
    work.injection.set([1, 0, -1]);
    potentialsInPlace(plan, work);
    expect(work.potential[0]! - work.potential[1]!).toBeCloseTo(2, 12);
    expect(work.potential[1]! - work.potential[2]!).toBeCloseTo(4, 12);
  });
  it('grows with the doors that share a supply, and not with their square', () => {
    const steps = [4, 16].map((doors) => {
      const { netlist } = buildWorld(siteOf({ doors, perSupply: doors }), 'D001');
      return netlist.elimination.pairs.length + netlist.elimination.edge.length;
    });
    expect(steps[1]! / steps[0]!).toBeLessThan(6);
  });
});
