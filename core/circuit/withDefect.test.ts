import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netlistOf, randomCircuit } from '../specimens/randomCircuit';
import { HARDWARE_SETS } from '../brief/index';
import { scopeOf } from '../plan/index';
import { door } from '../specimens/ruleEdits';
import type { Branch } from './branch';
import { AT_REST, compileNetlist, settle, voltsBetween, withDefect, type Netlist } from './index';

/** What can be measured between neighbouring nodes; rounded, as another order of the sums may differ in the last digits. */
const measured = (netlist: Netlist): (number | null)[] => {
  const point = settle(netlist, AT_REST);
  return netlist.nodes.slice(1).map((_, node) => {
    const volts = voltsBetween(point, node, node + 1);
    return volts === null ? null : Math.round(volts * 1e4) / 1e4 + 0;
  });
};
const rebuilt = (netlist: Netlist, branches: readonly Branch[]): Netlist =>
  netlistOf(netlist.nodes.length, branches);

describe('a circuit with a defect', () => {
  const doors = HARDWARE_SETS.map(({ id }) => compileNetlist(scopeOf(door(id), 'D01')));
  const any = fc.tuple(fc.constantFrom(...doors), fc.nat(), fc.nat());

  it('with an open conductor is the circuit without it', () => {
    fc.assert(
      fc.property(any, ([netlist, which]) => {
        const wires = netlist.branches.flatMap(({ kind }, index) => (kind === 'conductor' ? [index] : []));
        const open = wires[which % wires.length]!;
        const without = rebuilt(
          netlist,
          netlist.branches.filter((_, index) => index !== open),
        );
        expect(measured(withDefect(netlist, { kind: 'open', branches: [open] }))).toEqual(measured(without));
      }),
    );
  });

  it('with a bridge is the circuit with one more wire', () => {
    fc.assert(
      fc.property(any, ([netlist, one, two]) => {
        const [a, b] = [one % netlist.nodes.length, two % netlist.nodes.length];
        fc.pre(a !== b);
        const bridged = withDefect(netlist, { kind: 'bridge', a, b });
        expect(measured(bridged)).toEqual(measured(rebuilt(netlist, bridged.branches)));
        expect(bridged.branches.length).toBe(netlist.branches.length + 1);
      }),
    );
  });

  it('with a contact stuck is the circuit with a plain resistance, or nothing, in its place', () => {
    fc.assert(
      fc.property(any, fc.boolean(), ([netlist, which], closed) => {
        const contacts = netlist.branches.flatMap(({ kind }, index) => (kind === 'contact' ? [index] : []));
        fc.pre(contacts.length > 0);
        const branch = contacts[which % contacts.length]!;
        const stuck = withDefect(netlist, { kind: 'stuck', branch, closed, others: [] });
        const plain = netlist.branches.flatMap((part, index): Branch[] => {
          if (index !== branch || part.kind !== 'contact') return [part];
          const { id, a, b, siemens, device } = part;
          return closed ? [{ kind: 'resistor', id, a, b, siemens, device }] : [];
        });
        expect(measured(stuck)).toEqual(measured(rebuilt(netlist, plain)));
      }),
    );
  });

  it('leaves the sound one as it is', () => {
    fc.assert(
      fc.property(randomCircuit, fc.nat(), ({ nodes, branches }, which) => {
        const netlist = netlistOf(nodes, branches);
        const before = measured(netlist);
        const branch = which % netlist.branches.length;
        settle(withDefect(netlist, { kind: 'open', branches: [branch] }), AT_REST);
        settle(withDefect(netlist, { kind: 'bridge', a: 0, b: netlist.nodes.length - 1 }), AT_REST);
        expect(measured(netlist)).toEqual(before);
      }),
    );
  });
});
