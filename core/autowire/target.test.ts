import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { allConductors, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { intercomPlan } from '../specimens/intercom';
import { door, drop, move, set, wire } from '../specimens/ruleEdits';
import { targetOf } from './index';

const joins = (wires: readonly { from: string; to: string }[]) =>
  wires.map(({ from, to }) => [from, to].sort().join(' ')).sort();
const laid = (plan: Plan, id = 'D01') => joins(allConductors(plan).filter((one) => one.door === id));

describe('what Aldaba would lay at a door from nothing', () => {
  it.each(HARDWARE_SETS.map(({ id }) => id))('%s: is what it did lay', (id) => {
    const plan = door(id);
    expect(joins(targetOf(plan, 'D01').wires)).toEqual(laid(plan));
    expect(targetOf(plan, 'D01').settings).toEqual([]);
  });

  it.each(HARDWARE_SETS.map(({ id }) => id))('%s: does not depend on how the door is wired now', (id) => {
    const plan = door(id);
    const wires = Object.keys(plan.conductors);
    const some = wires.filter((_, index) => index % 3 === 0);
    const half: Plan = {
      ...plan,
      conductors: Object.fromEntries(
        Object.entries(plan.conductors).filter(([wireId]) => !some.includes(wireId)),
      ),
    };
    const wanted = joins(targetOf(plan, 'D01').wires);
    expect(joins(targetOf(half, 'D01').wires)).toEqual(wanted);
    expect(joins(targetOf({ ...plan, conductors: {} }, 'D01').wires)).toEqual(wanted);
  });

  it('leaves a hand’s mistakes out, and tells which wires it speaks of', () => {
    const plan = door('magnet-controller');
    const wrong = mustApply(
      plan,
      drop(plan, 'K1.NC1', 'EB1.1C'),
      move(plan, 'L1.-', 'EB1.2NC', 'to', 'EB1.2NO'),
      wire('PS1.+V', 'K1.EX2'),
    );
    const target = targetOf(wrong, 'D01');
    expect(joins(target.wires)).toEqual(laid(plan));
    expect(allConductors(wrong).every((one) => target.isOwn(one))).toBe(true);
  });

  it('asks for the settings that its wiring needs', () => {
    const plan = door('strike-wet');
    const wrong = mustApply(plan, set('K1', 'ch1.rex', 'unlocks'));
    expect(targetOf(wrong, 'D01').settings).toEqual([
      { device: 'D01/K1', setting: 'ch1.rex', value: 'reports' },
    ]);
  });

  it('has the wires of an intercom set with it, and not those of the other door', () => {
    const plan = intercomPlan();
    for (const id of ['D01', 'D02']) {
      const { wires, isOwn } = targetOf(plan, id);
      expect(wires.every((one) => one.door === id)).toBe(true);
      expect(joins(wires)).toEqual(laid(plan, id));
      for (const one of allConductors(plan)) expect([one.id, isOwn(one)]).toEqual([one.id, one.door === id]);
    }
  });
});
