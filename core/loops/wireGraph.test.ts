import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { terminalId, type TerminalId } from '../plan/index';
import {
  findWay,
  longestWay,
  piecesOf,
  reverseWay,
  type Barred,
  type GraphEdge,
  type WireGraph,
} from './wireGraph';
import type { LegStep } from './loop';

const at = (n: number): TerminalId => terminalId('D', String(n));

/** An edge of a small graph: a wire, or one throw of a changeover. */
interface Drawn {
  readonly a: number;
  readonly b: number;
  readonly cost: number;
  readonly contact: { readonly state: string; readonly form: 'NO' | 'NC' } | null;
}

function graphOf(edges: readonly Drawn[]): WireGraph {
  const graph = new Map<TerminalId, GraphEdge[]>();
  edges.forEach(({ a, b, cost, contact }, index) => {
    for (const [from, to] of [
      [a, b],
      [b, a],
    ] as const) {
      const step: LegStep = contact
        ? { kind: 'through', device: 'D', part: `p${index}`, from: at(from), to: at(to) }
        : { kind: 'wire', conductor: `w${index}`, from: at(from), to: at(to) };
      const list = graph.get(at(from)) ?? [];
      list.push({ to: at(to), cost, step, ...(contact ? { contact } : {}) });
      graph.set(at(from), list);
    }
  });
  return graph;
}

const NODES = 6;
const drawnEdge: fc.Arbitrary<Drawn> = fc
  .record({
    a: fc.nat(NODES - 1),
    b: fc.nat(NODES - 1),
    cost: fc.constantFrom(0.2, 1, 4),
    contact: fc.option(
      fc.record({ state: fc.constantFrom('k1', 'k2'), form: fc.constantFrom('NO' as const, 'NC' as const) }),
      { freq: 2 },
    ),
  })
  .filter(({ a, b }) => a !== b);
const drawn = fc.array(drawnEdge, { minLength: 2, maxLength: 10 });

const isSame = (one: LegStep, two: LegStep): boolean => JSON.stringify(one) === JSON.stringify(two);
const edgeOf = (graph: WireGraph, step: LegStep): GraphEdge | undefined =>
  graph.get(step.from)?.find((edge) => isSame(edge.step, step));

/** Every way without a terminal twice, and never in at one throw of a blade and out at the other: the slow twin. */
function* everyWay(
  graph: WireGraph,
  from: TerminalId,
  to: TerminalId,
  barred: Barred,
  way: readonly GraphEdge[] = [],
): Generator<readonly GraphEdge[]> {
  const here = way.at(-1)?.to ?? from;
  if (here === to && way.length > 0) {
    yield way;
    return;
  }
  const passed = new Set([from, ...way.map((edge) => edge.to)]);
  for (const edge of graph.get(here) ?? []) {
    if (passed.has(edge.to) || (edge.to !== to && barred.terminals?.has(edge.to))) continue;
    const before = way.at(-1)?.contact;
    if (before && edge.contact && before.state === edge.contact.state && before.form !== edge.contact.form)
      continue;
    yield* everyWay(graph, from, to, barred, [...way, edge]);
  }
}
const costOf = (way: readonly GraphEdge[]): number => way.reduce((sum, { cost }) => sum + cost, 0);

describe('the way between two terminals', () => {
  it('is a way, simple and never cheaper than the cheapest; one of a hundred that exist is missed at most', () => {
    const nodes = fc.nat(NODES - 1);
    const cases = fc.sample(fc.tuple(drawn, nodes, nodes, fc.uniqueArray(nodes, { maxLength: 2 })), {
      numRuns: 1500,
      seed: 20261126,
    });
    let [exist, missed, dearer] = [0, 0, 0];
    for (const [edges, one, two, closed] of cases) {
      if (one === two) continue;
      const graph = graphOf(edges);
      const barred: Barred = { terminals: new Set(closed.map(at)) };
      const ways = [...everyWay(graph, at(one), at(two), barred)];
      const found = findWay(graph, at(one), at(two), barred);
      if (ways.length === 0) expect(found).toBeNull();
      else exist += 1;
      if (!found) {
        if (ways.length > 0) missed += 1;
        continue;
      }
      expect(found[0]?.from).toBe(at(one));
      expect(found.at(-1)?.to).toBe(at(two));
      found.slice(1).forEach((step, index) => {
        expect(step.from).toBe(found[index]!.to);
      });
      const walked = found.map((step) => edgeOf(graph, step)!);
      expect(new Set(found.map(({ to }) => to)).size).toBe(found.length);
      const least = Math.min(...ways.map(costOf));
      expect(costOf(walked)).toBeGreaterThan(least - 1e-9);
      if (costOf(walked) > least + 1e-9) dearer += 1;
    }
    expect(exist).toBeGreaterThan(300);
    expect(missed / exist).toBeLessThan(0.01);
    expect(dearer / exist).toBeLessThan(0.01);
  });

  it('goes round a blade that a wire bridges, and leads out at its other throw', () => {
    const blade = (form: 'NO' | 'NC') => ({ state: 'k', form });
    const graph = graphOf([
      { a: 0, b: 1, cost: 1, contact: blade('NC') },
      { a: 1, b: 2, cost: 4, contact: blade('NO') },
      { a: 0, b: 3, cost: 1, contact: null },
      { a: 3, b: 1, cost: 1, contact: null },
    ]);
    expect(findWay(graph, at(0), at(2))?.map(({ to }) => to)).toEqual([at(3), at(1), at(2)]);
  });

  it('is the same walked back', () => {
    fc.assert(
      fc.property(drawn, (edges) => {
        const graph = graphOf(edges);
        const way = findWay(graph, at(0), at(1));
        if (!way) return;
        const back = reverseWay(way);
        expect(back[0]?.from ?? at(0)).toBe(way.at(-1)?.to ?? at(0));
        expect(reverseWay(back)).toEqual(way);
      }),
      { numRuns: 100 },
    );
  });
});

describe('what hangs on a terminal', () => {
  it('is a way that begins there and has no terminal twice', () => {
    fc.assert(
      fc.property(drawn, fc.nat(NODES - 1), (edges, start) => {
        const way = longestWay(graphOf(edges), at(start), {});
        const passed = [at(start), ...way.map(({ to }) => to)];
        expect(new Set(passed).size).toBe(passed.length);
        if (edges.some(({ a, b }) => a === start || b === start)) expect(way.length).toBeGreaterThan(0);
      }),
      { numRuns: 200 },
    );
  });
});

describe('the pieces of a graph', () => {
  it('never say that there is no way where there is one', () => {
    const nodes = fc.nat(NODES - 1);
    const closed = fc.uniqueArray(nodes, { maxLength: 3 });
    let parted = 0;
    fc.assert(
      fc.property(
        drawn,
        nodes,
        nodes,
        closed,
        fc.uniqueArray(nodes, { maxLength: 2 }),
        (edges, one, two, shut, more) => {
          fc.pre(one !== two);
          const graph = graphOf(edges);
          const barred: Barred = { terminals: new Set(shut.map(at)) };
          const may = piecesOf(graph, barred)(at(one), at(two));
          if (!may) parted += 1;
          // What is barred besides makes no way that there was not.
          const stricter: Barred = { terminals: new Set([...shut, ...more].map(at)) };
          for (const within of [barred, stricter])
            if (findWay(graph, at(one), at(two), within)) expect(may).toBe(true);
        },
      ),
      { numRuns: 800 },
    );
    expect(parted).toBeGreaterThan(50);
  });
  it('tell two islands apart, and a barred terminal between them', () => {
    const wire = { cost: 1, contact: null };
    const graph = graphOf([
      { a: 0, b: 1, ...wire },
      { a: 1, b: 2, ...wire },
      { a: 3, b: 4, ...wire },
    ]);
    expect(piecesOf(graph, {})(at(0), at(2))).toBe(true);
    expect(piecesOf(graph, {})(at(0), at(3), at(4))).toBe(false);
    expect(piecesOf(graph, { terminals: new Set([at(1)]) })(at(0), at(2))).toBe(false);
  });
});
