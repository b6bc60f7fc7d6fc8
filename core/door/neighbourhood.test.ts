import { describe, expect, it } from 'vitest';
import { numberTried } from '../../scripts/testSlice';
import { quillhaven } from '#demo/quillhaven';
import { applyEdit, doorsInOrder, type Plan } from '../plan/index';
import { FIRE_SITES } from '../specimens/fireSites';
import { intercomPlan } from '../specimens/intercom';
import { singleMistakes } from '../specimens/mistakes';
import { random } from '../specimens/random';
import { siteOf } from '../specimens/site';
import { checkContext, runChecks, tryRemedies } from '../checks/index';
import { neighbourhood } from './neighbourhood';

/** What is said of a door in the part that it feels, and in the whole site. */
const both = (plan: Plan, door: string) =>
  [judged(neighbourhood(plan, door), door), judged(plan, door)] as const;
const judged = (plan: Plan, door: string) => {
  const context = checkContext(plan, door);
  const findings = runChecks(context);
  const { proof, budget } = context;
  return { findings: tryRemedies(context, findings), proof, budget };
};

const expectSame = (plan: Plan, doors: readonly string[] = doorsInOrder(plan).map(({ id }) => id)): void => {
  for (const door of doors) {
    const [part, whole] = both(plan, door);
    expect(part, door).toEqual(whole);
  }
};

describe('neighbourhood', () => {
  it('judges every door of the demo as the whole site does', () => {
    expectSame(quillhaven());
  });
  it('judges doors with their own supplies, and doors on one', () => {
    expectSame(siteOf({ doors: 14 }), ['D001', 'D005', 'D009', 'D012', 'D014']);
    expectSame(siteOf({ doors: 6, perSupply: 3 }), ['D001', 'D003', 'D005']);
  });
  it('judges doors that a relay or a supply of the site releases', () => {
    for (const { make, doors } of FIRE_SITES) expectSame(make(), doors);
    expectSame(intercomPlan());
  });
  it('judges doors with mistakes, and offers the same remedies', () => {
    const next = random(9);
    const sites = [
      quillhaven({ mistakes: false }),
      siteOf({ doors: 12 }),
      siteOf({ doors: 4, perSupply: 2 }),
    ];
    for (let n = 0; n < numberTried(24); n += 1) {
      const plan = sites[n % sites.length]!;
      const doors = doorsInOrder(plan);
      const door = doors[Math.floor(next() * doors.length)]!.id;
      const mistakes = singleMistakes(plan, door);
      const mistake = mistakes[Math.floor(next() * mistakes.length)];
      const made = mistake && applyEdit(plan, mistake.edit);
      if (made?.ok) expectSame(made.plan, [door]);
    }
  });
  it('is as small as what wires join, however large the site', () => {
    const sizes = [14, 60].map((doors) => {
      const part = neighbourhood(siteOf({ doors, sets: ['magnet-controller'] }), 'D003');
      return Object.keys(part.conductors).length;
    });
    expect(sizes[1]).toBe(sizes[0]);
    const shared = siteOf({ doors: 8, perSupply: 4 });
    const wires = Object.values(shared.conductors).filter(({ door }) => door > 'D004');
    expect(Object.keys(neighbourhood(shared, 'D006').conductors).sort()).toEqual(
      wires.map(({ id }) => id).sort(),
    );
  });
  it('is the same for the same plan, and made anew for another', () => {
    const plan = siteOf({ doors: 3 });
    expect(neighbourhood(plan, 'D001')).toBe(neighbourhood(plan, 'D001'));
    expect(neighbourhood({ ...plan }, 'D001')).not.toBe(neighbourhood(plan, 'D001'));
  });
});
