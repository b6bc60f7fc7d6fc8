import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { compileNetlist } from '../circuit/index';
import { scopeOf } from '../plan/index';
import { MAGNET_BRIEF, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { netlistOf, randomCircuit } from '../specimens/randomCircuit';
import { conductanceOf, emfOf, inputPowered, modeAt } from './branchLaw';
import type { Conditions, Feed } from './conditions';
import { steadyMode } from './modes';
import type { Netlist } from './netlist';
import { indexConditions } from './indexedConditions';
import { fillBranchesInPlace } from './solve';
import { numberTried } from '../../scripts/testSlice';

const DOORS = HARDWARE_SETS.map(({ id, electricalEgress }) =>
  compileNetlist(scopeOf(wiredDoor(id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF), 'D01')),
);
const netlists = fc.oneof(
  fc.constantFrom(...DOORS),
  randomCircuit.map(({ nodes, branches }) => netlistOf(nodes, branches)),
);

/** Conditions and modes that a circuit may be found in, sense or nonsense. */
const standing = netlists.chain((netlist) => {
  const ids = (kind: string) => netlist.branches.filter((one) => one.kind === kind).map(({ id }) => id);
  const feed = fc.constantFrom<Feed>({ kind: 'mains' }, { kind: 'off' }, { kind: 'battery', volts: 11.3 });
  return fc.record({
    netlist: fc.constant(netlist),
    modes: fc.array(fc.nat(2), { minLength: netlist.branches.length, maxLength: netlist.branches.length }),
    cut: fc.subarray(ids('conductor')),
    failed: fc.subarray(ids('electronic')),
    feeds: fc.array(fc.tuple(fc.constantFrom(...ids('source'), 'nobody'), feed), { maxLength: 3 }),
    across: fc.double({ min: -60, max: 60, noNaN: true }),
  });
});

const conditionsOf = (one: { cut: string[]; failed: string[]; feeds: [string, Feed][] }): Conditions => ({
  states: new Set(),
  cut: new Set(one.cut),
  failed: new Set(one.failed),
  feeds: new Map(one.feeds),
});

/** Modes that a branch of this kind can be in. */
function possible(netlist: Netlist, modes: readonly number[]): Uint8Array {
  return Uint8Array.from(netlist.branches, ({ kind }, index) => {
    const mode = modes[index]!;
    return kind === 'source' || kind === 'varistor' ? mode : Math.min(1, mode);
  });
}

describe('the arrays of a circuit', () => {
  it('conduct and drive as the law of each branch says', () => {
    fc.assert(
      fc.property(standing, ({ netlist, modes, ...said }) => {
        const conditions = conditionsOf(said);
        const on = possible(netlist, modes);
        fillBranchesInPlace(netlist, indexConditions(netlist, conditions), on);
        const { siemens, emf } = netlist.scratch;
        for (const [index, branch] of netlist.branches.entries()) {
          const g = conductanceOf(branch, on[index]!, conditions);
          expect(siemens[index]).toBeCloseTo(g, 12);
          if (g === 0) continue;
          const volts = emfOf(branch, on[index]!, conditions, inputPowered(netlist, index, on));
          expect(emf[index]).toBe(volts);
        }
      }),
      { numRuns: numberTried(300) },
    );
  });

  it('answer to a voltage as the law of each branch says', () => {
    fc.assert(
      fc.property(standing, ({ netlist, modes, across, ...said }) => {
        const conditions = conditionsOf(said);
        const posed = indexConditions(netlist, conditions);
        const on = possible(netlist, modes);
        for (const index of netlist.fast.switching) {
          const branch = netlist.branches[index]!;
          expect(steadyMode(netlist, posed, index, on[index]!, across)).toBe(
            modeAt(branch, on[index]!, across, conditions, false),
          );
        }
      }),
      { numRuns: numberTried(300) },
    );
  });
});
