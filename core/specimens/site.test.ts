import { describe, expect, it } from 'vitest';
import { readAldaba, writeAldaba } from '../formats/index';
import { doorsInOrder, scopeOf } from '../plan/index';
import { doorVerdict } from '../verdict/index';
import { siteOf, withOtherLength } from './site';

describe('a generated site', () => {
  it('is one that a file takes in as it is', () => {
    for (const shape of [
      { doors: 13 },
      { doors: 5, perSupply: 2 },
      { doors: 3, perSupply: 3, ample: false },
    ]) {
      const plan = siteOf(shape);
      const read = readAldaba(JSON.parse(JSON.stringify(writeAldaba(plan, { secrets: true }))));
      if (!read.ok) throw new Error(JSON.stringify(read));
      expect(read.plan).toEqual(plan);
    }
  });
  it('is the same for the same shape, and has as many doors as are asked for', () => {
    expect(siteOf({ doors: 7, perSupply: 3 })).toEqual(siteOf({ doors: 7, perSupply: 3 }));
    expect(doorsInOrder(siteOf({ doors: 31 })).map(({ id }) => id)[30]).toBe('D031');
  });
  it('joins the doors of one supply, and no others', () => {
    const plan = siteOf({ doors: 6, perSupply: 3 });
    const doorsOf = (door: string) => new Set(scopeOf(plan, door).devices.map((device) => device.door));
    expect([...doorsOf('D002')].sort()).toEqual(['D001', 'D002', 'D003']);
    expect([...doorsOf('D006')].sort()).toEqual(['D004', 'D005', 'D006']);
    expect([...doorsOfOne()].sort()).toEqual(['D004']);
    function doorsOfOne() {
      return new Set(scopeOf(siteOf({ doors: 6 }), 'D004').devices.map((device) => device.door));
    }
  });
  it('overloads supplies that are as they come, and not those that are ample', () => {
    const overloaded = (ample: boolean) =>
      doorVerdict(
        siteOf({ doors: 12, perSupply: 12, ample, sets: ['magnet-controller'] }),
        'D005',
      ).findings.some(({ code }) => code === 'supply-overload' || code === 'restless');
    expect([overloaded(false), overloaded(true)]).toEqual([true, false]);
  });
  it('changes by a metre where it is told to', () => {
    const plan = siteOf({ doors: 2 });
    const after = withOtherLength(plan, 'D002');
    const changed = Object.keys(plan.conductors).filter((id) => plan.conductors[id] !== after.conductors[id]);
    expect(changed).toHaveLength(1);
    expect(after.conductors[changed[0]!]!.length - plan.conductors[changed[0]!]!.length).toBeCloseTo(1);
  });
});
