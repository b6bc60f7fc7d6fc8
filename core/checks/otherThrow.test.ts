import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { compileNetlist, terminalAt } from '../circuit/index';
import { LIBRARY } from '../devices/library/index';
import { allConductors, type Plan, type Scope } from '../plan/index';
import { buildWorld } from '../simulate/index';
import { mustApply } from '../specimens/doors';
import { loneDevice } from '../specimens/loneDevice';
import { door } from '../specimens/ruleEdits';
import { changeOver, otherThrow, planAfter } from './analyses/otherThrow';

const ends = (plan: Plan) => allConductors(plan).map(({ id, from, to }) => [id, from, to]);

describe('the other throw of a blade', () => {
  it.each(HARDWARE_SETS.map(({ id }) => id))(
    'at %s leads back to the first, and shares one end with it',
    (set) => {
      const world = buildWorld(door(set), 'D01');
      const { netlist } = world;
      let throws = 0;
      netlist.branches.forEach((branch, index) => {
        const found = otherThrow(world, index);
        if (branch.kind !== 'contact') return expect(found).toBeNull();
        if (!found) return undefined;
        throws += 1;
        expect(found.on).not.toBe(found.other);
        const sister = netlist.branches.findIndex(
          (one) =>
            one.kind === 'contact' &&
            one.state === branch.state &&
            one.normallyClosed !== branch.normallyClosed &&
            [terminalAt(netlist, one.a), terminalAt(netlist, one.b)].includes(found.other),
        );
        const back = otherThrow(world, sister);
        expect([back?.on, back?.other]).toEqual([found.other, found.on]);
        return undefined;
      });
      expect(throws).toBeGreaterThan(0);
    },
  );

  it.each(HARDWARE_SETS.map(({ id }) => id))('at %s changed over twice is as it was', (set) => {
    const plan = door(set);
    const world = buildWorld(plan, 'D01');
    for (const index of world.netlist.branches.keys()) {
      const found = otherThrow(world, index);
      if (!found) continue;
      const once = mustApply(plan, changeOver(plan, [found]));
      expect(ends(mustApply(once, changeOver(once, [found])))).toEqual(ends(plan));
      const landed = allConductors(plan).some(({ from, to }) =>
        [from, to].some((end) => end === found.on || end === found.other),
      );
      expect(JSON.stringify(ends(once)) !== JSON.stringify(ends(plan))).toBe(landed);
    }
  });

  it('is none of a plain contact, and is found at every changeover of the library', () => {
    for (const type of LIBRARY) {
      const device = loneDevice(type);
      const scope: Scope = { door: 'D01', devices: [device], conductors: [], types: {} };
      const netlist = compileNetlist(scope);
      const world = { netlist } as Parameters<typeof otherThrow>[0];
      const contacts = netlist.branches.flatMap((branch, index) =>
        branch.kind === 'contact' ? [{ branch, index }] : [],
      );
      for (const { branch, index } of contacts) {
        const sisters = contacts.filter(
          (one) =>
            one.branch.state === branch.state &&
            one.branch.normallyClosed !== branch.normallyClosed &&
            [one.branch.a, one.branch.b].some((node) => node === branch.a || node === branch.b),
        );
        expect([type.id, branch.id, otherThrow(world, index) !== null]).toEqual([
          type.id,
          branch.id,
          sisters.length > 0,
        ]);
      }
    }
  });

  it('of a change that the plan refuses is no plan', () => {
    expect(planAfter(door('strike-keypad'), { kind: 'disconnect', id: 'D01/W77' })).toBeNull();
  });
});
