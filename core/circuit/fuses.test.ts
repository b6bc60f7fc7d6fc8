import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netlistOf, randomCircuit } from '../specimens/randomCircuit';
import { atRest, buildWorld, standing, stimulate } from '../simulate/index';
import { add, door, move, wire } from '../specimens/ruleEdits';
import { mustApply } from '../specimens/doors';
import type { Branch } from './branch';
import { assembleNetlist } from './netlist';
import { AT_REST, BLOWN, BLOWS_AT, ON, settle, type Conditions } from './index';
import { numberTried } from '../../scripts/testSlice';

/** A supply, a fuse and a load in a ring. */
function ring(ratedAmps: number, amps: number, maxAmps = 50) {
  const branches: Branch[] = [
    {
      id: 's',
      a: 0,
      b: 1,
      device: 'S',
      kind: 'source',
      volts: 12,
      ohms: 1e-3,
      maxAmps,
      battery: null,
      current: 'dc',
    },
    { id: 'f', a: 0, b: 2, device: 'F', kind: 'fuse', siemens: 1e4, ratedAmps },
    { id: 'l', a: 2, b: 1, device: 'L', kind: 'load', siemens: amps / 12, maxVolts: 99, current: 'dc' },
  ];
  const nodes = ['S.+', 'S.-', 'F.2'] as never[];
  return assembleNetlist(nodes, new Map(nodes.map((id, index) => [id, index])), branches);
}
const kinds = (netlist: ReturnType<typeof ring>, conditions: Conditions = AT_REST) =>
  settle(netlist, conditions).damages.map(({ kind }) => kind);

describe('a fuse', () => {
  it('carries its rating, is overloaded above it and blows at 2.1 times of it', () => {
    expect(kinds(ring(1, 0.99))).toEqual([]);
    expect(kinds(ring(1, 1.02))).toEqual(['fuse-overload']);
    expect(kinds(ring(1, 2.05))).toEqual(['fuse-overload']);
    expect(kinds(ring(1, 2.2))).toEqual(['fuse-blown']);
  });

  it('stays whole where the supply cannot deliver what it needs to blow', () => {
    expect(kinds(ring(1, 40, 2))).toEqual(['source-overload', 'fuse-overload']);
    expect(kinds(ring(1, 40, 2.2))).toEqual(['fuse-blown']);
  });

  it('stays blown when what blew it is gone', () => {
    const blown = settle(ring(1, 40), AT_REST);
    const mended = settle(ring(1, 0.5), AT_REST, blown.on);
    expect(mended.on[1]).toBe(BLOWN);
    expect(mended.amps[2]).toBe(0);
  });

  it('blows for a reason, or not: no whole fuse of any circuit carries more than it bears', () => {
    let blown = 0;
    fc.assert(
      fc.property(randomCircuit, fc.array(fc.nat(27)), ({ nodes, branches }, some) => {
        const fused = branches.map((branch, index): Branch =>
          branch.kind === 'conductor' && some.includes(index)
            ? {
                id: branch.id,
                a: branch.a,
                b: branch.b,
                device: 'F',
                kind: 'fuse',
                siemens: 10,
                ratedAmps: 0.4,
              }
            : branch,
        );
        const netlist = netlistOf(nodes, fused);
        const point = settle(netlist, AT_REST);
        if (point.restless.length > 0) return;
        for (const index of netlist.fast.fuses) {
          if (point.on[index] === BLOWN) blown += 1;
          else {
            expect(point.on[index]).toBe(ON);
            expect(Math.abs(point.amps[index]!)).toBeLessThanOrEqual(BLOWS_AT * 0.4 * (1 + 1e-6));
          }
        }
        // What is blown is not there: the same circuit without it settles in the same way from there on.
        const again = settle(netlist, AT_REST, point.on);
        expect([...again.on]).toEqual([...point.on]);
      }),
      { numRuns: numberTried(400) },
    );
    expect(blown).toBeGreaterThan(5);
  });
});

describe('at a door', () => {
  /** The lock of a magnet door behind a fuse. */
  const fused = (...extra: ReturnType<typeof wire>[]) => {
    const plan = door('magnet-controller');
    const edits = [
      add(plan, 'fuse-inline', 'FU1'),
      move(plan, 'PS1.+V', 'F1.C', 'from', 'FU1.2'),
      wire('PS1.+V', 'FU1.1'),
      ...extra,
    ];
    const world = buildWorld(mustApply(plan, ...edits), 'D01');
    return { world, rest: atRest(world) };
  };

  it('a short behind it leaves the rest of the door its power; without one all goes dark', () => {
    const short = wire('L1.+', 'L1.-', { number: 'W91' });
    const runs = ({ rest }: ReturnType<typeof fused>) => rest.boards.get('D01/K1:board');
    expect(runs(fused(short))).toBe(true);
    const bare = buildWorld(mustApply(door('magnet-controller'), short), 'D01');
    expect(atRest(bare).boards.get('D01/K1:board')).toBe(false);
  });

  it('stands until a new one is put in, which blows again while the short is there', () => {
    const { world, rest } = fused(wire('L1.+', 'L1.-', { number: 'W91' }));
    expect(standing(world, rest).map(({ kind, id }) => [kind, id])).toEqual([['fuse', 'D01/FU1']]);
    const [undo] = standing(world, rest)[0]!.undo;
    const again = stimulate(world, rest, undo!);
    expect(again.effects.map(({ kind }) => kind)).toEqual(['fuse']);
    const cut = stimulate(world, rest, { kind: 'cut', conductor: 'D01/W91' });
    expect(standing(world, cut.state).some(({ kind }) => kind === 'fuse')).toBe(true);
    const mended = stimulate(world, cut.state, undo!);
    expect(standing(world, mended.state).some(({ kind }) => kind === 'fuse')).toBe(false);
    expect(mended.effects).toEqual([]);
  });
});
