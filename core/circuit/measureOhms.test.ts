import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import { magnetDoor } from '../specimens/doors';
import { scopeOf } from '../plan/index';
import { compileNetlist, measureAllOhms, measureOhms } from './index';

describe('measureOhms', () => {
  const netlist = compileNetlist(scopeOf(magnetDoor(), 'D01'));
  it('reads a winding through its own leads', () => {
    expect(measureOhms(netlist, terminalOf('D01/L1.+'), terminalOf('D01/L1.-'))).toBeCloseTo(27.9, 1);
  });
  it('reads a closed break glass and an open one', () => {
    expect(measureOhms(netlist, terminalOf('D01/EB1.1C'), terminalOf('D01/EB1.1NC'))).toBeCloseTo(0.03, 3);
    expect(measureOhms(netlist, terminalOf('D01/EB1.1C'), terminalOf('D01/EB1.1NO'))).toBe(Infinity);
  });
  it('reads the same with all meters in one circuit as with one at a time', () => {
    const pairs = netlist.branches.map(({ a, b }) => [netlist.nodes[a]!, netlist.nodes[b]!] as const);
    const together = measureAllOhms(netlist, [...pairs, [terminalOf('D01/L1.+'), terminalOf('no.where')]]);
    expect(together.pop()).toBe(Infinity);
    for (const [index, [from, to]] of pairs.entries()) {
      const alone = measureOhms(netlist, from, to);
      if (Number.isFinite(alone)) expect(together[index]! / alone).toBeCloseTo(1, 6);
      else expect(together[index]).toBe(Infinity);
    }
  });
  it('reads nothing between islands', () => {
    expect(measureOhms(netlist, terminalOf('D01/EB1.1NO'), terminalOf('D01/X1.NC'))).toBe(Infinity);
  });
});
