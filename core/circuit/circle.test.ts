import { describe, expect, it } from 'vitest';
import { siteOf } from '../specimens/site';
import { atRest, buildWorld, conditionsOf } from '../simulate/index';
import { door } from '../specimens/ruleEdits';
import { circleOf, OFF, ON, settle, voltsAcross } from './index';

describe('the states of a circuit that goes round', () => {
  const tight = siteOf({ doors: 5, perSupply: 5, ample: false, sets: ['magnet-controller'] });
  const world = buildWorld(tight, 'D001');
  const rest = atRest(world);
  const circle = circleOf(world.netlist, conditionsOf(rest), rest.point.on);

  it('are several, and whatever is restless is on in one and off in another', () => {
    expect(rest.point.restless.length).toBeGreaterThan(0);
    expect(circle.length).toBeGreaterThan(1);
    for (const branch of rest.point.restless)
      expect(new Set(circle.map(({ on }) => on[branch])).size).toBeGreaterThan(1);
  });
  it('are each no rest: what comes next of it is the state after it', () => {
    for (const [index, { on }] of circle.entries()) {
      const next = circle[(index + 1) % circle.length]!;
      expect([...on].some((mode, branch) => mode !== next.on[branch])).toBe(true);
    }
  });
  it('give a board less while it runs than while it does not', () => {
    const boards = rest.point.restless.filter(
      (branch) => world.netlist.branches[branch]?.kind === 'electronic',
    );
    expect(boards.length).toBeGreaterThan(0);
    for (const branch of boards) {
      const volts = (mode: number) =>
        circle
          .filter(({ on }) => on[branch] === mode)
          .map((point) => voltsAcross(world.netlist, point, branch) ?? 0);
      expect(Math.min(...volts(ON))).toBeLessThan(Math.max(...volts(OFF)));
    }
  });
  it('are none of a circuit that comes to rest', () => {
    const calm = buildWorld(door('magnet-controller'), 'D01');
    const its = atRest(calm);
    expect(settle(calm.netlist, conditionsOf(its), its.point.on).restless).toEqual([]);
    expect(circleOf(calm.netlist, conditionsOf(its), its.point.on)).toEqual([]);
  });
});
