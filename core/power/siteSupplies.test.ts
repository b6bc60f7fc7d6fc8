import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { doorsInOrder, type Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { sharedFireSupply, siteRelay } from '../specimens/fireSites';
import { siteOf } from '../specimens/site';
import { powerBudget, siteSupplies } from './index';

/** The slow twin: every door is solved, and what was counted before is dropped. */
function everyDoorSolved(plan: Plan) {
  const counted = new Set<string>();
  return doorsInOrder(plan).flatMap((door) => {
    const world = buildWorld(plan, door.id);
    const { supplies } = powerBudget(plan, world, atRest(world));
    const fresh = supplies.filter(({ device }) => !counted.has(device));
    for (const { device } of supplies) counted.add(device);
    return fresh.map((supply) => ({ door, supply }));
  });
}

describe('siteSupplies', () => {
  const sites: Readonly<Record<string, Plan>> = {
    'the demo': quillhaven(),
    'doors with their own': siteOf({ doors: 7 }),
    'doors on two': siteOf({ doors: 6, perSupply: 3 }),
    'one line for two supplies': siteRelay(),
    'one supply for two doors': sharedFireSupply(),
  };
  it.each(Object.keys(sites))('counts what solving every door counts: %s', (name) => {
    const plan = sites[name]!;
    expect([...siteSupplies(plan)].flat()).toEqual(everyDoorSolved(plan));
  });
  it('counts no supply twice, and leaves none out', () => {
    for (const plan of Object.values(sites)) {
      const counted = [...siteSupplies(plan)].flat().map(({ supply }) => `${supply.device}:${supply.branch}`);
      expect(new Set(counted.map((key) => key.split(':')[0])).size).toBeGreaterThan(0);
      expect(new Set(counted).size).toBe(counted.length);
    }
  });
  it('makes one step of every door, so that whoever asks may pause', () => {
    const plan = siteOf({ doors: 6, perSupply: 3 });
    const steps = [...siteSupplies(plan)];
    expect(steps).toHaveLength(6);
    // The second and third door of a supply have nothing to add.
    expect(steps.map((found) => found.length)).toEqual([1, 0, 0, 1, 0, 0]);
  });
});
