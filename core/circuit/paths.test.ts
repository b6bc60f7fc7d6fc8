import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import type { Edit } from '../plan/index';
import { atRest, buildWorld, stimulate } from '../simulate/index';
import { magnetDoor, mustApply, strikeDoor, wireBetween } from '../specimens/doors';
import { currentPath, readInput, voltsBetween } from './index';

function start(plan = magnetDoor(), ...edits: Edit[]) {
  const world = buildWorld(mustApply(plan, ...edits), 'D01');
  const rest = atRest(world);
  const { netlist } = world;
  const path = (load: string, state = rest) =>
    currentPath(netlist, state.point, netlist.branchOf.get(load) ?? -1).map(
      ({ branch }) => netlist.branches[branch]?.id,
    );
  return { world, rest, netlist, path };
}

describe('currentPath', () => {
  it('leads from the source through the load and back', () => {
    const { path } = start();
    expect(path('D01/L1:winding')).toEqual([
      'D01/W01',
      'D01/F1:k.nc',
      'D01/W02',
      'D01/K1:k1.nc',
      'D01/W03',
      'D01/EB1:p1.nc',
      'D01/W04',
      'D01/L1:winding',
      'D01/W05',
      'D01/EB1:p2.nc',
      'D01/W06',
    ]);
  });
  it('is empty where no current flows', () => {
    const { world, rest, path } = start();
    expect(path('D01/L1:winding', stimulate(world, rest, { kind: 'dead', on: true }).state)).toEqual([]);
    expect(start(strikeDoor()).path('D01/L1:solenoid')).toEqual([]);
  });
  it('takes the wider of two parallel ways', () => {
    const plan = magnetDoor();
    const wire = plan.conductors[wireBetween(plan, 'EB1.1NC', 'L1.+')]!;
    const { path } = start(plan, {
      kind: 'connect',
      conductor: { ...wire, id: 'D01/W90', number: 'W90', gauge: '4mm2' as never },
    });
    expect(path('D01/L1:winding')).toContain('D01/W90');
    expect(path('D01/L1:winding')).not.toContain(wire.id);
  });
});

describe('readInput', () => {
  const { netlist, rest, world } = start();
  it('reads a contact, an open line and a dead board', () => {
    expect(readInput(netlist, rest.point, 'D01/K1:dc1')).toBe('closed');
    expect(readInput(netlist, rest.point, 'D01/K1:ex1')).toBe('open');
    const dead = stimulate(world, rest, { kind: 'dead', on: true }).state;
    expect(readInput(netlist, dead.point, 'D01/K1:dc1')).toBe('dead');
    expect(readInput(netlist, rest.point, 'D01/K1:nothing')).toBe('dead');
  });
});

describe('voltsBetween', () => {
  const { netlist, rest } = start();
  const node = (id: string) => netlist.nodeOf.get(terminalOf(id)) ?? -1;
  it('reads between two points of one island, and nothing between two islands', () => {
    expect(voltsBetween(rest.point, node('D01/PS1.+V'), node('D01/PS1.0V'))).toBeCloseTo(13.6, 1);
    expect(voltsBetween(rest.point, node('D01/PS1.+V'), node('D01/EB1.1NO'))).toBeNull();
    expect(voltsBetween(rest.point, node('D01/L1.+'), node('D01/L1.+'))).toBe(0);
  });
});
