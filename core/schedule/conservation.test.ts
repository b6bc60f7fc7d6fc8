import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, devicesOf, typeIn, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { intercomPlan } from '../specimens/intercom';
import { door, wire } from '../specimens/ruleEdits';
import { billOfMaterials, cableSchedule, terminalCards, wireLabels } from './index';

const plans: readonly (readonly [string, Plan])[] = [
  ...HARDWARE_SETS.map(({ id }) => [id, door(id)] as const),
  ['an intercom', intercomPlan()],
];
const sum = (numbers: readonly number[]): number => numbers.reduce((all, one) => all + one, 0);

describe('a bill of materials', () => {
  it.each(plans)('of %s names every device once, by what it is', (_, plan) => {
    const rows = billOfMaterials(plan, 'D01').filter(({ kind }) => kind === 'device');
    const tags = rows.flatMap(({ of }) => of.split(', '));
    expect([...tags].sort()).toEqual(
      devicesOf(plan, 'D01')
        .map(({ tag }) => tag)
        .sort(),
    );
    for (const { name, of, count } of rows) {
      expect(count).toBe(of.split(', ').length);
      for (const tag of of.split(', ')) {
        const device = devicesOf(plan, 'D01').find((one) => one.tag === tag)!;
        expect(typeIn(plan, device).name).toBe(name);
      }
    }
  });

  it.each(plans)('of %s buys every metre that is laid, and no cable twice', (_, plan) => {
    const { cables, single } = cableSchedule(plan, 'D01');
    const bill = billOfMaterials(plan, 'D01');
    const bought = (kind: string) => sum(bill.filter((row) => row.kind === kind).map(({ count }) => count));
    const rows = (kind: string) => bill.filter((row) => row.kind === kind).length;
    const cut = sum(cables.map(({ cut: metres }) => metres));
    // Each line is rounded up to whole metres.
    expect(bought('cable')).toBeGreaterThanOrEqual(cut - 1e-9);
    expect(bought('cable')).toBeLessThan(cut + rows('cable'));
    const loose = sum(single.map(({ length }) => length));
    expect(bought('wire')).toBeGreaterThanOrEqual(loose - 1e-9);
    expect(bought('wire')).toBeLessThan(loose + rows('wire') + 1e-9);
    const named = bill.filter(({ kind }) => kind === 'cable').flatMap(({ of }) => of.split(', '));
    expect(new Set(named).size).toBe(named.length);
  });

  it.each(plans)('of %s has a ferrule for every wire end that takes one, twins counted once', (_, plan) => {
    const own = new Set(conductorsOf(plan, 'D01').map(({ id }) => id));
    const ends = terminalCards(plan, 'D01').flatMap(({ rows }) =>
      rows.map((row) => row.landings.filter(({ conductor }) => own.has(conductor.id))),
    );
    const wanted = sum(
      ends.map((landings) => {
        const crimped = landings.filter(({ ferrule }) => ferrule !== null && ferrule !== undefined);
        return crimped[0]?.ferrule?.twin ? 1 : crimped.length;
      }),
    );
    const bought = sum(
      billOfMaterials(plan, 'D01')
        .filter(({ kind }) => kind === 'ferrule')
        .map(({ count }) => count),
    );
    expect(bought).toBe(wanted);
  });

  it('grows with a wire by that wire alone', () => {
    const plan = door('magnet-controller');
    const more = mustApply(plan, wire('PS1.+V', 'K1.EX2', { length: 7, gauge: 1 }));
    const loose = (at: Plan) =>
      sum(
        billOfMaterials(at, 'D01')
          .filter(({ kind }) => kind === 'wire')
          .map(({ count }) => count),
      );
    expect(loose(more) - loose(plan)).toBeGreaterThanOrEqual(7);
    expect(loose(more) - loose(plan)).toBeLessThanOrEqual(8);
  });
});

describe('labels and cards', () => {
  it.each(plans)('of %s say the same of both ends of every wire', (_, plan) => {
    const labels = wireLabels(plan, 'D01');
    for (const { number } of conductorsOf(plan, 'D01')) {
      const pair = labels.filter((label) => label.number === number);
      expect(pair).toHaveLength(2);
      expect([pair[0]!.here, pair[0]!.there]).toEqual([pair[1]!.there, pair[1]!.here]);
    }
  });
  it.each(plans)('of %s land on no terminal more wires than the plan has there', (_, plan) => {
    const cards = terminalCards(plan, 'D01');
    const own = new Set(devicesOf(plan, 'D01').map(({ id }) => id));
    for (const { device, rows } of cards.filter((card) => own.has(card.device.id))) {
      for (const { terminal, landings } of rows) {
        const here = `${device.id}.${terminal.id}`;
        const planned = Object.values(plan.conductors).filter(({ from, to }) =>
          [from, to].some((end) => end === here),
        );
        expect([here, landings.length]).toEqual([here, planned.length]);
      }
    }
  });
});
