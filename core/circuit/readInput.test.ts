import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netlistOf } from '../specimens/randomCircuit';
import { AT_REST, readInput, settle, type Branch, type InputReading } from './index';
import { numberTried } from '../../scripts/testSlice';

const PULL = { volts: 5, ohms: 2200 } as const;

/** An input with this much across it, ohms; its board fed or dead. */
function readAt(
  across: number | null,
  { supervised = false, fed = true }: { supervised?: boolean; fed?: boolean } = {},
): InputReading {
  const branches: Branch[] = [
    {
      id: 'feed',
      a: 0,
      b: 1,
      device: 'S',
      kind: 'source',
      volts: fed ? 12 : 2,
      ohms: 0.05,
      maxAmps: 3,
      battery: null,
      current: 'dc',
    },
    {
      id: 'board',
      a: 0,
      b: 1,
      device: 'K',
      kind: 'electronic',
      law: 'current',
      draw: 0.05,
      minVolts: 8,
      startVolts: 9,
      maxVolts: 15,
      current: 'dc',
    },
    {
      id: 'input',
      a: 2,
      b: 1,
      device: 'K',
      kind: 'input',
      volts: PULL.volts,
      siemens: 1 / PULL.ohms,
      poweredBy: 'board',
      closedBelow: 0.3,
      openAbove: 0.7,
      supervised: supervised ? { closed: [0.4, 0.58], open: [0.6, 0.78] } : null,
    },
    ...(across === null ? [] : [{ id: 'line', a: 2, b: 1, kind: 'conductor', siemens: 1 / across } as const]),
  ];
  const netlist = netlistOf(3, branches);
  return readInput(netlist, settle(netlist, AT_REST), 'input');
}
/** Resistance at which the input sees this share of its pull-up. */
const atShare = (share: number) => (share / (1 - share)) * PULL.ohms;

describe('a plain input', () => {
  it('is closed by a contact and open without one', () => {
    expect([readAt(0.1), readAt(null), readAt(1e7)]).toEqual(['closed', 'open', 'open']);
  });
  it('reads by bands, and says between them that it cannot tell', () => {
    const shares = [0.05, 0.29, 0.31, 0.5, 0.69, 0.71, 0.95];
    expect(shares.map((share) => readAt(atShare(share)))).toEqual([
      'closed',
      'closed',
      'unsure',
      'unsure',
      'unsure',
      'open',
      'open',
    ]);
  });
  it('never reads more open where there is less resistance', () => {
    const rank: Readonly<Record<InputReading, number>> = {
      closed: 0,
      unsure: 1,
      open: 2,
      trouble: 9,
      dead: 9,
    };
    const ohms = fc.double({ min: 0.01, max: 1e6, noNaN: true });
    fc.assert(
      fc.property(ohms, ohms, (one, two) => {
        const [less, more] = one < two ? [one, two] : [two, one];
        expect(rank[readAt(less)]).toBeLessThanOrEqual(rank[readAt(more)]);
      }),
      { numRuns: numberTried(80) },
    );
  });
  it('is dead while its board is, whatever lies across it, and so is one that is not there', () => {
    for (const across of [0.1, 2200, null]) expect(readAt(across, { fed: false })).toBe('dead');
    const netlist = netlistOf(2, [{ id: 'w', a: 0, b: 1, kind: 'conductor', siemens: 1 }]);
    const point = settle(netlist, AT_REST);
    expect([readInput(netlist, point, 'w'), readInput(netlist, point, 'nowhere')]).toEqual(['dead', 'dead']);
  });
});

describe('a supervised input', () => {
  it('knows a closed pair by one resistor, an open one by two, and anything else for trouble', () => {
    const read = (across: number | null) => readAt(across, { supervised: true });
    expect([read(2200), read(4400)]).toEqual(['closed', 'open']);
    expect([read(0.1), read(null), read(10_000), read(1000)]).toEqual([
      'trouble',
      'trouble',
      'trouble',
      'trouble',
    ]);
  });
  it('bears what resistors and runs really are', () => {
    for (const tolerance of [0.95, 1, 1.05])
      for (const run of [0, 40]) {
        expect(readAt(2200 * tolerance + run, { supervised: true })).toBe('closed');
        expect(readAt(4400 * tolerance + run, { supervised: true })).toBe('open');
      }
  });
});
