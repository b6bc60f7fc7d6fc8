import { describe, expect, it } from 'vitest';
import { netlistOf } from '../specimens/randomCircuit';
import { AT_REST, settle, type Branch, type Damage } from './index';

type Part = Branch extends infer B
  ? B extends { id: string; a: number; b: number }
    ? Omit<B, 'id' | 'a' | 'b'>
    : never
  : never;

/** A source of these volts with one part across it: from plus to minus, or the other way round. */
function acrossSource(
  volts: number,
  part: Part,
  { reversed = false, current = 'dc', maxAmps = 3 } = {},
): Damage[] {
  const source: Branch = {
    id: 'source',
    a: 0,
    b: 1,
    device: 'S',
    kind: 'source',
    volts,
    ohms: 0.05,
    maxAmps,
    battery: null,
    current: current as 'ac' | 'dc',
  };
  const [a, b] = reversed ? [1, 0] : [0, 1];
  const netlist = netlistOf(2, [source, { ...part, id: 'part', a, b } as Branch]);
  return [...settle(netlist, AT_REST).damages];
}
const kinds = (damages: readonly Damage[]) => damages.map(({ kind }) => kind);

const BOARD = {
  kind: 'electronic',
  device: 'D',
  law: 'current',
  draw: 0.1,
  minVolts: 9,
  startVolts: 10,
  maxVolts: 16,
  current: 'dc',
} as const;
const COIL = {
  kind: 'coil',
  device: 'D',
  siemens: 1 / 100,
  pullInVolts: 9,
  dropOutVolts: 3,
  maxVolts: 15,
  current: 'dc',
} as const;
const LOAD = { kind: 'load', device: 'D', siemens: 1 / 50, maxVolts: 14, current: 'dc' } as const;

describe('what would be harmed', () => {
  it('is nothing within the ratings', () => {
    for (const part of [BOARD, COIL, LOAD]) expect(acrossSource(12, part)).toEqual([]);
  });
  it('is a board that is fed the wrong way round, and no coil', () => {
    expect(acrossSource(12, BOARD, { reversed: true })).toMatchObject([{ kind: 'reversed', limit: 0 }]);
    expect(acrossSource(12, BOARD, { reversed: true })[0]!.measured).toBeCloseTo(-12, 2);
    expect(acrossSource(12, COIL, { reversed: true })).toEqual([]);
  });
  it('is whatever sees more than it bears, with what was measured and what it bears', () => {
    for (const part of [BOARD, COIL, LOAD]) {
      const [found, ...more] = acrossSource(24, part);
      expect(more).toEqual([]);
      expect(found).toMatchObject({ kind: 'over-voltage', limit: part.maxVolts });
      expect(found!.measured).toBeGreaterThan(20);
    }
  });
  it('is told at the rating itself by a hair, and not below it', () => {
    const open = { ...LOAD, siemens: 1e-6 };
    expect(kinds(acrossSource(13.99, open))).toEqual([]);
    expect(kinds(acrossSource(14.01, open))).toEqual(['over-voltage']);
  });
  it('is a part on the kind of current that it is not made for, and none that bears both', () => {
    for (const part of [BOARD, COIL, LOAD]) {
      expect(kinds(acrossSource(12, part, { current: 'ac' }))).toEqual(['wrong-current']);
      expect(kinds(acrossSource(12, { ...part, current: 'ac' }))).toEqual(['wrong-current']);
      expect(kinds(acrossSource(12, { ...part, current: 'both' }, { current: 'ac' }))).toEqual([]);
    }
  });
  it('is a dry input that is fed, from either side', () => {
    const input = {
      kind: 'input',
      device: 'D',
      volts: 5,
      siemens: 1 / 10_000,
      poweredBy: 'none',
      closedBelow: 0.3,
      openAbove: 0.7,
      supervised: null,
    } as const;
    expect(kinds(acrossSource(12, input))).toEqual(['driven-input']);
    expect(kinds(acrossSource(12, input, { reversed: true }))).toEqual(['driven-input']);
    expect(kinds(acrossSource(4.5, input))).toEqual([]);
  });
  it('is an output that bears less than it is given', () => {
    const output = { kind: 'output', device: 'D', siemens: 1e-5, maxVolts: 5.5 } as const;
    expect(kinds(acrossSource(12, output))).toEqual(['driven-output']);
    expect(kinds(acrossSource(5, output))).toEqual([]);
  });
  it('is a contact that carries more than it may, closed and not open', () => {
    const contact = (normallyClosed: boolean) =>
      netlistOf(3, [
        {
          id: 's',
          a: 0,
          b: 1,
          device: 'S',
          kind: 'source',
          volts: 12,
          ohms: 0.05,
          maxAmps: 9,
          battery: null,
          current: 'dc',
        },
        {
          id: 'k',
          a: 0,
          b: 2,
          device: 'K',
          kind: 'contact',
          siemens: 33,
          normallyClosed,
          state: 'x',
          needs: null,
          unless: null,
          maxAmps: 1,
        },
        { id: 'l', a: 2, b: 1, device: 'L', kind: 'load', siemens: 1 / 6, maxVolts: 15, current: 'dc' },
      ]);
    const found = settle(contact(true), AT_REST).damages;
    expect(found).toMatchObject([{ kind: 'contact-overload', limit: 1 }]);
    expect(found[0]!.measured).toBeGreaterThan(1.8);
    expect(settle(contact(false), AT_REST).damages).toEqual([]);
  });
  it('is a source that is asked for more than it gives', () => {
    const found = acrossSource(12, { ...LOAD, siemens: 1, maxVolts: 99 }, { maxAmps: 2 });
    expect(found).toMatchObject([{ kind: 'source-overload', limit: 2 }]);
    expect(found[0]!.measured).toBeCloseTo(2, 4);
  });
});
