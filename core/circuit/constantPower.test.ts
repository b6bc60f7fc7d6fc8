import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netlistOf } from '../specimens/randomCircuit';
import { LEAK_SIEMENS } from './branch';
import { AT_REST, ON, settle, type Branch, type BranchOf, type OperatingPoint } from './index';

const device = 'N';

/** One door on a shared supply: a run of cable out and back, a board behind a regulator, a magnet. */
interface Door {
  readonly out: number;
  readonly back: number;
  readonly watts: number;
  readonly minVolts: number;
  readonly magnet: number;
}

const door: fc.Arbitrary<Door> = fc.record({
  out: fc.double({ min: 0.02, max: 12, noNaN: true }),
  back: fc.double({ min: 0.02, max: 12, noNaN: true }),
  watts: fc.double({ min: 0.3, max: 25, noNaN: true }),
  minVolts: fc.constantFrom(3, 5, 8, 10),
  magnet: fc.double({ min: 12, max: 400, noNaN: true }),
});

/** Doors along one pair of wires from one supply, or each on a run of its own; the supply may be far too small for them. */
function shared(doors: readonly Door[], maxAmps: number, chained: boolean): Branch[] {
  const branches: Branch[] = [
    {
      id: 'S',
      kind: 'source',
      device,
      a: 0,
      b: 1,
      volts: 13.65,
      ohms: 0.06,
      maxAmps,
      battery: null,
      current: 'dc',
    },
  ];
  doors.forEach(({ out, back, watts, minVolts, magnet }, i) => {
    const [plus, minus] = [2 + 2 * i, 3 + 2 * i];
    const [from, to] = chained && i > 0 ? [plus - 2, minus - 2] : [0, 1];
    branches.push(
      { id: `o${i}`, kind: 'conductor', a: from, b: plus, siemens: 1 / out },
      { id: `b${i}`, kind: 'conductor', a: minus, b: to, siemens: 1 / back },
      {
        id: `e${i}`,
        kind: 'electronic',
        device,
        a: plus,
        b: minus,
        law: 'power',
        draw: watts,
        minVolts,
        startVolts: minVolts + 0.5,
        maxVolts: 30,
        current: 'dc',
      },
      {
        id: `m${i}`,
        kind: 'load',
        device,
        a: plus,
        b: minus,
        siemens: 1 / magnet,
        maxVolts: 15,
        current: 'dc',
      },
    );
  });
  return branches;
}

/** The current that a node does not get rid of, the worst of all nodes. */
function missedCurrent(nodes: number, branches: readonly Branch[], point: OperatingPoint): number {
  const sum = new Float64Array(nodes);
  branches.forEach(({ a, b }, index) => {
    const amps = point.amps[index]!;
    sum[a]! -= amps;
    sum[b]! += amps;
  });
  return Math.max(...sum.map(Math.abs));
}

/** Watts by which a running board's law is missed, the worst of all. */
function missedPower(branches: readonly Branch[], point: OperatingPoint): number {
  return Math.max(
    0,
    ...branches.map((branch, index) => {
      if (branch.kind !== 'electronic' || point.on[index] !== ON) return 0;
      const board = branch as BranchOf<'electronic'>;
      const across = point.volts[board.a]! - point.volts[board.b]!;
      // Every board leaks a little besides what its law asks for.
      const drawn = point.amps[index]! - across * LEAK_SIEMENS;
      return Math.abs(drawn * Math.max(across, board.minVolts / 2) - board.draw);
    }),
  );
}

describe('boards of constant power on one supply', () => {
  it('obey the current law at every node of every state, and their own law wherever the state is one', () => {
    let settled = 0;
    let overloaded = 0;
    fc.assert(
      fc.property(
        fc.array(door, { minLength: 1, maxLength: 12 }),
        fc.double({ min: 0.3, max: 6, noNaN: true }),
        fc.boolean(),
        (doors, maxAmps, chained) => {
          const branches = shared(doors, maxAmps, chained);
          const nodes = 2 + 2 * doors.length;
          const point = settle(netlistOf(nodes, branches), AT_REST);
          expect(missedCurrent(nodes, branches, point)).toBeLessThan(1e-6);
          if (point.on[0] !== ON) overloaded += 1;
          if (point.restless.length > 0) return;
          settled += 1;
          expect(missedPower(branches, point)).toBeLessThan(1e-6);
        },
      ),
      { numRuns: 1500 },
    );
    // Neither is the property empty, nor is every supply large enough.
    expect(settled).toBeGreaterThan(400);
    expect(overloaded).toBeGreaterThan(300);
  });

  it('is solved for eight doors on an overloaded supply of 3 A, or said to have no rest', () => {
    for (let used = 1; used <= 8; used += 1) {
      for (const watts of [2, 4, 6, 9]) {
        const doors = Array.from({ length: used }, (_, i) => ({
          out: 0.4 + i * 0.15,
          back: 0.4 + i * 0.15,
          watts,
          minVolts: 8,
          magnet: 24,
        }));
        const branches = shared(doors, 3, false);
        const point = settle(netlistOf(2 + 2 * used, branches), AT_REST);
        expect(missedCurrent(2 + 2 * used, branches, point)).toBeLessThan(1e-6);
        if (point.restless.length === 0) expect(missedPower(branches, point)).toBeLessThan(1e-6);
      }
    }
  });

  it('has the root of its own equation for one board', () => {
    // v = V − R·P/v, the upper root: v = (V + √(V² − 4·R·P)) / 2.
    const branches = shared([{ out: 1, back: 1, watts: 6, minVolts: 3, magnet: 1e9 }], 6, false);
    const point = settle(netlistOf(4, branches), AT_REST);
    const [volts, ohms] = [13.65, 2.06];
    const v = (volts + Math.sqrt(volts ** 2 - 4 * ohms * 6)) / 2;
    expect(point.volts[2]! - point.volts[3]!).toBeCloseTo(v, 3);
  });
});
