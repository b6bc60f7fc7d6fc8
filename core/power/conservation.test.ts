import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { metres } from '../units/index';
import type { Plan } from '../plan/index';
import { atRest, buildWorld, type SimState, type World } from '../simulate/index';
import { acts } from '../checks/analyses/acts';
import { stimulate } from '../simulate/index';
import { mustApply } from '../specimens/doors';
import { door } from '../specimens/ruleEdits';
import { intercomPlan } from '../specimens/intercom';
import { powerBudget } from './index';

const plans: readonly (readonly [string, Plan])[] = [
  ...HARDWARE_SETS.map(({ id }) => [id, door(id)] as const),
  ['an intercom', intercomPlan()],
];

/** Every state a door is used in. */
const states = (world: World): SimState[] => {
  const rest = atRest(world);
  return [rest, ...acts(world).map((act) => stimulate(world, rest, act).state)];
};

/** Currents that leave each node, added up by themselves from what the branches carry. */
function imbalance({ netlist }: World, { point }: SimState): number {
  const sum = new Float64Array(netlist.nodes.length);
  netlist.branches.forEach(({ a, b }, index) => {
    const amps = point.amps[index] ?? 0;
    sum[a]! += amps;
    sum[b]! -= amps;
  });
  return Math.max(...sum.map(Math.abs));
}

describe('currents and powers', () => {
  it.each(plans)('of %s: nothing is lost at any node, in any state of use', (_, plan) => {
    const world = buildWorld(plan, 'D01');
    for (const state of states(world)) expect(imbalance(world, state)).toBeLessThan(1e-6);
  });

  it.each(plans)('of %s: what the sources give is what the parts take', (_, plan) => {
    const world = buildWorld(plan, 'D01');
    for (const { point } of states(world)) {
      let [given, taken] = [0, 0];
      world.netlist.branches.forEach((branch, index) => {
        const across = (point.volts[branch.a] ?? 0) - (point.volts[branch.b] ?? 0);
        const watts = across * (point.amps[index] ?? 0);
        if (!Number.isFinite(watts)) return;
        // A source that is charged takes, and a pull-up gives what its board has taken.
        if (branch.kind === 'source') given -= watts;
        else taken += watts;
      });
      expect(given).toBeCloseTo(taken, 6);
    }
  });

  it.each(plans)('of %s: a supply carries the sum of what leaves its plus', (_, plan) => {
    const world = buildWorld(plan, 'D01');
    const rest = atRest(world);
    for (const { branch, restAmps } of powerBudget(plan, world, rest).supplies) {
      const { a } = world.netlist.branches[branch]!;
      const leaving = world.netlist.branches.reduce((sum, one, index) => {
        if (index === branch || (one.a !== a && one.b !== a)) return sum;
        return sum + (one.a === a ? 1 : -1) * (rest.point.amps[index] ?? 0);
      }, 0);
      expect(restAmps).toBeCloseTo(Math.max(0, leaving), 9);
    }
  });

  it.each(plans)('of %s: a drop is Ohm’s, and longer wire never gives a device more', (_, plan) => {
    const volts = (at: Plan) => {
      const world = buildWorld(at, 'D01');
      return powerBudget(at, world, atRest(world));
    };
    const near = volts(plan);
    for (const drop of near.drops) expect(drop.volts).toBeCloseTo(drop.amps * drop.ohms, 9);
    const longer = mustApply(
      plan,
      ...Object.values(plan.conductors).map(
        ({ id, length }) => ({ kind: 'setConductor', id, patch: { length: metres(length * 1.2) } }) as const,
      ),
    );
    const far = new Map(volts(longer).voltages.map((fed) => [`${fed.device}:${fed.part}`, fed]));
    for (const fed of near.voltages) {
      const then = far.get(`${fed.device}:${fed.part}`);
      if (fed.rest === null || !then || then.rest === null) continue;
      // What a lock takes less the supply gives the others a trace more.
      expect(then.rest).toBeLessThanOrEqual(fed.rest + 0.02);
    }
  });
});
