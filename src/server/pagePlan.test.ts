import { describe, expect, it } from 'vitest';
import { doorsOf, allDevices, conductorsOf, doorsInOrder, SECRET_COLLECTIONS } from '#core/plan/index';
import { traceLoops } from '#core/loops/index';
import { quillhaven } from '#demo/quillhaven';
import { siteOf } from '../../core/specimens/site';
import { typesUsed } from '#core/plan/index';
import { pageOfDoor, pageOfSite } from './pagePlan';

describe('pageOfDoor', () => {
  const plan = quillhaven();
  it('carries every door for the ledger, and the asked one whole', () => {
    for (const { id } of doorsInOrder(plan)) {
      const page = pageOfDoor(plan, id);
      expect(page.plan.doors).toEqual(plan.doors);
      expect(page.doors).toContain(id);
      expect(conductorsOf(page.plan, id)).toEqual(conductorsOf(plan, id));
      expect(traceLoops(page.plan, id)).toEqual(traceLoops(plan, id));
    }
  });
  it('says of no door that it is whole where a device of it is missing', () => {
    for (const { id } of doorsInOrder(plan)) {
      const page = pageOfDoor(plan, id);
      for (const door of page.doors ?? []) {
        const here = (of: typeof plan) => allDevices(of).filter((device) => device.door === door);
        expect(here(page.plan)).toEqual(here(plan));
        expect(conductorsOf(page.plan, door)).toEqual(conductorsOf(plan, door));
      }
    }
  });
  it('brings the type of every device that it carries, each once, and no other', () => {
    for (const { id } of doorsInOrder(plan)) {
      const { plan: part } = pageOfDoor(plan, id);
      const types = typesUsed(part).map((type) => type.id);
      const wanted = new Set(allDevices(part).map(({ type }) => type));
      for (const type of Object.keys(part.types)) wanted.delete(type);
      expect(new Set(types)).toEqual(wanted);
      expect(types.length).toBe(wanted.size);
      expect(types.length).toBeLessThan(60);
    }
  });
  it('carries cables, readings and people of those doors and of no other', () => {
    const page = pageOfDoor(plan, 'D02');
    const own = Object.values(plan.cables).filter(({ door }) => door === 'D02');
    expect(Object.values(page.plan.cables)).toEqual(expect.arrayContaining(own));
    expect(Object.values(page.plan.cables).every(({ door }) => page.doors?.includes(door))).toBe(true);
    expect(
      Object.values(page.plan.people).every((person) =>
        doorsOf(plan, person).some((door) => page.doors?.includes(door)),
      ),
    ).toBe(true);
  });
  it('holds no code, card number or keypad memory, and neither does the page of the site', () => {
    const secrets = Object.values(plan.people).flatMap(({ code, cards }) => [
      code,
      ...cards.map(({ number }) => String(number)),
    ]);
    const long = secrets.filter((secret) => secret.length > 3);
    expect(long.length).toBeGreaterThan(5);
    for (const { plan: shown } of [pageOfDoor(plan, 'D02'), pageOfSite(plan)]) {
      const text = JSON.stringify(SECRET_COLLECTIONS.map((collection) => shown[collection]));
      for (const secret of long) expect(text).not.toContain(`"${secret}"`);
      expect(shown.memories).toEqual({});
    }
  });
  it('weighs what the door weighs, and not what the site does', () => {
    const weight = (doors: number) => {
      const site = siteOf({ doors });
      const { plan: part } = pageOfDoor(site, 'D002');
      return JSON.stringify({ ...part, doors: {} }).length;
    };
    // The site's fire relays and supplies with a fire input are carried bare.
    expect(weight(60)).toBeLessThan(weight(12) + 60 * 300);
  });
});

describe('pageOfSite', () => {
  it('is all of the site', () => {
    const plan = quillhaven();
    const page = pageOfSite(plan);
    expect(page.doors).toBeNull();
    expect(page.plan.conductors).toEqual(plan.conductors);
  });
  it('is a part of a big one, which weighs no more for each door than its name', () => {
    const [some, many] = [100, 840].map((doors) => pageOfSite(siteOf({ doors })));
    const weight = ({ plan }: { plan: object }) => JSON.stringify(plan).length;
    expect(Object.keys(many!.plan.doors)).toHaveLength(840);
    expect(many!.doors).not.toBeNull();
    expect(weight(many!) - weight(some!)).toBeLessThan(740 * 1100);
  });
});
