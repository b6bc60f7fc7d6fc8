import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netlistOf, randomCircuit } from '../specimens/randomCircuit';
import { AT_REST, LIMITING, linearise, OFF, ON, settle, solveDense, type Branch } from './index';
import { numberTried } from '../../scripts/testSlice';

const device = 'N';
const source = (a: number, b: number, over: object = {}): Branch => ({
  id: 'S',
  kind: 'source',
  device,
  a,
  b,
  volts: 12,
  ohms: 0.1,
  maxAmps: 3,
  battery: null,
  current: 'dc',
  ...over,
});
const load = (id: string, a: number, b: number, ohms: number): Branch => ({
  id,
  kind: 'load',
  device,
  a,
  b,
  siemens: 1 / ohms,
  maxVolts: 15,
  current: 'dc',
});
const wire = (id: string, a: number, b: number, ohms = 0.5): Branch => ({
  id,
  kind: 'conductor',
  a,
  b,
  siemens: 1 / ohms,
});

describe('settle', () => {
  it('keeps charge: what flows into a node flows out', () => {
    fc.assert(
      fc.property(randomCircuit, ({ nodes, branches }) => {
        const netlist = netlistOf(nodes, branches);
        const point = settle(netlist, AT_REST);
        const sum = new Float64Array(nodes);
        let size = 1;
        branches.forEach((branch, index) => {
          const amps = point.amps[index] ?? 0;
          if (Number.isNaN(amps)) throw new Error('a current is not a number');
          size = Math.max(size, Math.abs(amps));
          sum[branch.a]! -= amps;
          sum[branch.b]! += amps;
        });
        if (point.restless.length > 0) return;
        for (const rest of sum) expect(Math.abs(rest)).toBeLessThan(1e-8 * size);
      }),
      { numRuns: numberTried(600) },
    );
  });

  it('delivers the power it takes in', () => {
    fc.assert(
      fc.property(randomCircuit, ({ nodes, branches }) => {
        const netlist = netlistOf(nodes, branches);
        const point = settle(netlist, AT_REST);
        if (point.restless.length > 0) return;
        let total = 0;
        let size = 1;
        branches.forEach((branch, index) => {
          const across = (point.volts[branch.a] ?? 0) - (point.volts[branch.b] ?? 0);
          const watts = across * (point.amps[index] ?? 0);
          if (Number.isNaN(watts)) return;
          total += watts;
          size = Math.max(size, Math.abs(watts));
        });
        expect(Math.abs(total)).toBeLessThan(1e-7 * size);
      }),
      { numRuns: numberTried(400) },
    );
  });

  it('agrees with its dense twin', () => {
    fc.assert(
      fc.property(randomCircuit, ({ nodes, branches }) => {
        const netlist = netlistOf(nodes, branches);
        const point = settle(netlist, AT_REST);
        if (point.restless.length > 0) return;
        const dense = solveDense(linearise(netlist, point, AT_REST));
        const anchor = new Map<number, number>();
        const scale = Math.max(1, ...dense.map(Math.abs));
        for (let node = 0; node < nodes; node += 1) {
          const volts = point.volts[node] ?? NaN;
          if (Number.isNaN(volts)) continue;
          const home = point.island[node] ?? -1;
          const shift = anchor.get(home) ?? volts - dense[node]!;
          anchor.set(home, shift);
          expect(Math.abs(volts - dense[node]! - shift)).toBeLessThan(1e-6 * scale);
        }
      }),
      { numRuns: numberTried(600) },
    );
  });

  it('gives the same answer whatever the order of branches', () => {
    fc.assert(
      fc.property(randomCircuit, ({ nodes, branches }) => {
        const forward = settle(netlistOf(nodes, branches), AT_REST);
        const backward = settle(netlistOf(nodes, [...branches].reverse()), AT_REST);
        if (forward.restless.length > 0 || backward.restless.length > 0) return;
        branches.forEach((_, index) => {
          const amps = forward.amps[index] ?? 0;
          const other = backward.amps[branches.length - 1 - index] ?? 0;
          const sameMode = forward.on[index] === backward.on[branches.length - 1 - index];
          // A circuit with hysteresis may have two resting states; compare where both came to the same one.
          if (sameMode && forward.on.join('') === [...backward.on].reverse().join('')) {
            expect(Math.abs(amps - other)).toBeLessThan(1e-7 * Math.max(1, Math.abs(amps)));
          }
        });
      }),
      { numRuns: numberTried(300) },
    );
  });

  it('limits a short at the source and says so', () => {
    const point = settle(netlistOf(2, [source(0, 1), wire('short', 0, 1, 0.01)]), AT_REST);
    expect(point.on[0]).toBe(LIMITING);
    expect(point.amps[1]).toBeCloseTo(3, 4);
    expect(point.damages).toMatchObject([{ kind: 'source-overload', limit: 3 }]);
  });

  it('keeps a relay in between its thresholds', () => {
    const coil: Branch = {
      id: 'K',
      kind: 'coil',
      device,
      a: 0,
      b: 1,
      siemens: 1 / 100,
      pullInVolts: 9,
      dropOutVolts: 3,
      maxVolts: 30,
      current: 'dc',
    };
    const at = (volts: number, before?: Uint8Array) =>
      settle(netlistOf(2, [source(0, 1, { volts }), coil]), AT_REST, before);
    expect(at(6).on[1]).toBe(OFF);
    const pulled = at(12);
    expect(pulled.on[1]).toBe(ON);
    expect(at(6, pulled.on).on[1]).toBe(ON);
    expect(at(2, pulled.on).on[1]).toBe(OFF);
  });

  it('finds a relay that interrupts itself and does not loop for ever', () => {
    const coil: Branch = {
      id: 'K',
      kind: 'coil',
      device,
      a: 2,
      b: 1,
      siemens: 1 / 100,
      pullInVolts: 9,
      dropOutVolts: 3,
      maxVolts: 30,
      current: 'dc',
    };
    const contact: Branch = {
      id: 'nc',
      kind: 'contact',
      device,
      a: 0,
      b: 2,
      siemens: 33,
      normallyClosed: true,
      state: 'K',
      needs: null,
      unless: null,
      maxAmps: 3,
    };
    const point = settle(netlistOf(3, [source(0, 1), coil, contact]), AT_REST);
    expect(point.restless).toContain(1);
  });

  it('finds a board that browns out under its own load', () => {
    const board: Branch = {
      id: 'B',
      kind: 'electronic',
      device,
      a: 2,
      b: 1,
      law: 'current',
      draw: 1,
      minVolts: 9,
      startVolts: 10,
      maxVolts: 16,
      current: 'dc',
    };
    const point = settle(netlistOf(3, [source(0, 1), wire('thin', 0, 2, 6), board]), AT_REST);
    expect(point.restless).toEqual([2]);
  });

  it('solves islands on their own and leaves lonely nodes without a voltage', () => {
    const point = settle(netlistOf(5, [source(0, 1), load('a', 0, 1, 12), load('b', 2, 3, 10)]), AT_REST);
    expect(point.volts[0]).toBeCloseTo(11.9, 1);
    expect(point.volts[1]).toBe(0);
    expect(point.island[2]).not.toBe(point.island[0]);
    expect(point.volts[4]).toBeNaN();
  });

  it('records a reversed board and a fed dry input', () => {
    const board: Branch = {
      id: 'B',
      kind: 'electronic',
      device,
      a: 1,
      b: 0,
      law: 'current',
      draw: 0.1,
      minVolts: 9,
      startVolts: 10,
      maxVolts: 16,
      current: 'dc',
    };
    const input: Branch = {
      id: 'I',
      kind: 'input',
      device,
      a: 0,
      b: 1,
      volts: 5,
      siemens: 1 / 4700,
      poweredBy: 'B',
      closedBelow: 0.3,
      openAbove: 0.7,
      supervised: null,
    };
    const point = settle(netlistOf(2, [source(0, 1), board, input]), AT_REST);
    expect(point.damages.map((damage) => damage.kind)).toEqual(['reversed', 'driven-input']);
  });
  it('leaves a diode alone that hangs by one end: between it and the rest lies no voltage', () => {
    const diode = (a: number, b: number): Branch => ({
      id: 'V',
      kind: 'diode',
      device,
      a,
      b,
      volts: 0.7,
      siemens: 20,
    });
    for (const [a, b] of [
      [0, 2],
      [2, 0],
      [1, 2],
      [2, 1],
    ] as const) {
      const point = settle(netlistOf(3, [source(0, 1), load('L', 0, 1, 24), diode(a, b)]), AT_REST);
      expect(point.restless).toEqual([]);
      expect(point.on[2]).toBe(OFF);
    }
  });
});
