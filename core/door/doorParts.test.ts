import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { newDevice } from '../brief/index';
import { allConductors, allDevices, doorsInOrder, scopeOf, typeIn, type Plan } from '../plan/index';
import { FIRE_SITES } from '../specimens/fireSites';
import { mustApply } from '../specimens/doors';
import { intercomPlan } from '../specimens/intercom';
import { siteOf } from '../specimens/site';
import { doorParts, isFireLine } from './index';

/** The slow twin: looks at every device and wire of the site. */
function servingIds(plan: Plan, door: string): string[] {
  const withoutLines: Plan = {
    ...plan,
    conductors: Object.fromEntries(
      allConductors(plan)
        .filter((wire) => !isFireLine(plan, wire))
        .map((wire) => [wire.id, wire]),
    ),
  };
  const reached = scopeOf(withoutLines, door).devices.map(({ id }) => id);
  const own = new Set(
    allDevices(plan)
      .filter((device) => device.door === door)
      .map((device) => typeIn(plan, device).family),
  );
  return allDevices(plan)
    .filter((device) => {
      const { family } = typeIn(plan, device);
      const serves = family === 'supply' || family === 'controller';
      const isCommon = device.door === null && !own.has(family);
      return device.door !== door && serves && (isCommon || reached.includes(device.id));
    })
    .map(({ id }) => id);
}

const sites: Readonly<Record<string, () => Plan>> = {
  'the demo': () => quillhaven(),
  'doors of their own': () => siteOf({ doors: 12 }),
  'doors that share': () => siteOf({ doors: 6, perSupply: 3 }),
  'an intercom': () => intercomPlan(),
  'a supply of the site that nobody has wired': () => {
    const plan = siteOf({ doors: 2 });
    return mustApply(plan, { kind: 'addDevice', device: newDevice(plan, null, 'supply-12v') });
  },
  ...Object.fromEntries(FIRE_SITES.map(({ what, make }) => [what, make])),
};

describe('doorParts', () => {
  it.each(Object.keys(sites))('knows what serves a door as looking at the whole site does: %s', (name) => {
    const plan = sites[name]!();
    for (const { id } of doorsInOrder(plan)) {
      const parts = doorParts(plan, id);
      const shared = parts.all.filter(({ device }) => device.door !== id).map(({ device }) => device.id);
      expect([...shared].sort(), id).toEqual(servingIds(plan, id).sort());
    }
  });
  it('has every device of the door, and each in one job at most but for the list of all', () => {
    for (const make of Object.values(sites)) {
      const plan = make();
      for (const { id } of doorsInOrder(plan)) {
        const parts = doorParts(plan, id);
        const own = allDevices(plan).filter((device) => device.door === id);
        const mine = parts.all.filter(({ device }) => device.door === id).map(({ device }) => device.id);
        expect([...mine].sort()).toEqual(own.map((device) => device.id).sort());
        const jobs = [parts.locks, parts.exits, parts.contacts, parts.readers, parts.diodes, parts.resistors];
        const used = jobs.flat().map(({ device }) => device.id);
        expect(new Set(used).size).toBe(used.length);
      }
    }
  });
  it('knows nothing of a door that is not there', () => {
    const parts = doorParts(siteOf({ doors: 1 }), 'nowhere');
    expect([parts.door, parts.all, parts.decider]).toEqual([null, [], null]);
  });
});
