import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import { compileNetlist, measureOhms, settle, AT_REST, voltsAcross } from '../circuit/index';
import { type Conductor, type Plan, EMPTY_BRIEF, emptyPlan, scopeOf } from '../plan/index';
import { metres, mm2 } from '../units/index';

/** A supply and one small part, joined by the wires given as `from to`. */
function circuit(type: string, ...wires: string[]) {
  const device = (id: string, of: string) => ({
    id: `D01/${id}`,
    door: 'D01',
    tag: id,
    type: of,
    place: 'frame' as const,
    leaf: 1 as const,
    settings: {},
    notes: '',
  });
  const base = emptyPlan('t', 't');
  const plan: Plan = {
    ...base,
    doors: {
      D01: {
        id: 'D01',
        order: 1,
        name: '',
        brief: EMPTY_BRIEF,
        deadState: null,
        schools: {},
        freePassage: null,
        openingHours: null,
        expectations: [],
        notes: '',
        lastWire: 0,
      },
    },
    devices: {
      'D01/P': device('P', type),
      'D01/S': device('S', 'supply-12v'),
      'D01/B': device('B', 'buzzer'),
    },
    conductors: Object.fromEntries(
      wires.map((text, index): [string, Conductor] => {
        const [from = '', to = ''] = text.split(' ');
        const id = `W${index}`;
        const ends = { from: terminalOf(`D01/${from}`), to: terminalOf(`D01/${to}`) };
        return [
          id,
          {
            id,
            door: 'D01',
            number: id,
            ...ends,
            colour: 'RD',
            gauge: mm2(1),
            length: metres(1),
            cable: '',
            origin: 'hand',
            assumed: [],
          },
        ];
      }),
    ),
  };
  return compileNetlist(scopeOf(plan, 'D01'));
}
const ohms = (type: string, one: string, two: string) =>
  measureOhms(circuit(type), terminalOf(`D01/P.${one}`), terminalOf(`D01/P.${two}`));
const amps = (type: string, plus: string, minus: string) => {
  const netlist = circuit(type, `S.+V P.${plus}`, `P.${minus} S.0V`);
  const point = settle(netlist, AT_REST);
  return Math.abs(point.amps[netlist.branchOf.get('D01/S:output') ?? 0] ?? 0);
};

describe('parts that only join, bridge or end a line', () => {
  it.each([
    ['joint', '1', '4', 0.1],
    ['joint-2', '1', '2', 0.1],
    ['eol-2k2', '1', '2', 2200],
    ['eol-4k7', '1', '2', 4700],
    ['eol-10k', '1', '2', 10_000],
  ])('%s measures what it is', (type, one, two, expected) => {
    const measured = ohms(type, one, two);
    expect(measured).toBeGreaterThan(expected * 0.01);
    expect(measured).toBeLessThan(expected * 1.01);
  });
  it('a joint feeds what hangs on it', () => {
    const netlist = circuit('joint', 'S.+V P.1', 'P.3 B.+', 'B.- S.0V');
    const point = settle(netlist, AT_REST);
    expect(voltsAcross(netlist, point, netlist.branchOf.get('D01/B:board') ?? -1)).toBeGreaterThan(11.9);
  });
  it('a diode blocks with its stripe on plus, and shorts the other way round', () => {
    expect(amps('flyback-diode', 'K', 'A')).toBeLessThan(0.001);
    expect(amps('flyback-diode', 'A', 'K')).toBeGreaterThan(1.5);
  });
  it('a varistor leaves its own supply alone, either way round', () => {
    for (const type of ['varistor-18v', 'varistor-38v']) {
      expect(amps(type, '1', '2')).toBeLessThan(0.001);
      expect(amps(type, '2', '1')).toBeLessThan(0.001);
    }
  });
  it('an earth bar is one point with everything on it', () => {
    const netlist = circuit('earth-bar', 'S.0V P.PE');
    expect(measureOhms(netlist, terminalOf('D01/S.0V'), terminalOf('D01/P.PE'))).toBeLessThan(0.1);
  });
});
