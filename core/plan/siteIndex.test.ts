import { describe, expect, it } from 'vitest';
import { random } from '../specimens/random';
import { siteOf } from '../specimens/site';
import { allConductors, allDevices } from './allOf';
import { applyEdit } from './applyEdit';
import type { Edit } from './edit';
import { ancestorOf, changedIds, madeFrom } from './lineage';
import { oncePer } from './oncePer';
import type { Plan } from './plan';
import { applyDelta, changedEntries, planDelta } from './planDelta';
import { scopeOf } from './scope';
import { conductorsOf, devicesOf, wiresOn } from './siteIndex';
import { staleDoors } from './touchedDoors';

/** The same plan, of tables that nothing is known of: everything about it is worked out anew. */
const stranger = (plan: Plan): Plan => ({
  ...plan,
  devices: { ...plan.devices },
  conductors: { ...plan.conductors },
});

function expectSame(plan: Plan): void {
  const anew = stranger(plan);
  expect(allConductors(plan)).toEqual(allConductors(anew));
  expect(allDevices(plan)).toEqual(allDevices(anew));
  for (const door of [...Object.keys(plan.doors), 'nowhere']) {
    expect(devicesOf(plan, door)).toEqual(devicesOf(anew, door));
    expect(conductorsOf(plan, door)).toEqual(conductorsOf(anew, door));
    expect(scopeOf(plan, door)).toEqual(scopeOf(anew, door));
  }
  expect(devicesOf(plan, null)).toEqual(devicesOf(anew, null));
  for (const id of Object.keys(plan.devices)) expect(wiresOn(plan, id)).toEqual(wiresOn(anew, id));
}

/** Anything that moves wires and devices about. */
function anyEdit(plan: Plan, next: () => number): Edit {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
  const wire = pick(Object.values(plan.conductors));
  const device = pick(Object.values(plan.devices));
  const door = pick(Object.keys(plan.doors));
  const choice = next();
  if (choice < 0.25) return { kind: 'disconnect', id: wire.id };
  if (choice < 0.45)
    return { kind: 'setConductor', id: wire.id, patch: { number: `N${Math.floor(next() * 99)}` } };
  if (choice < 0.6) {
    const other = pick(Object.values(plan.conductors));
    return { kind: 'setConductor', id: wire.id, patch: { to: other.to, from: wire.from } };
  }
  if (choice < 0.7)
    return { kind: 'setDevice', id: device.id, patch: { tag: `T${Math.floor(next() * 99)}` } };
  if (choice < 0.8) return { kind: 'removeDevice', id: device.id };
  if (choice < 0.85) return { kind: 'removeDoor', id: door };
  if (choice < 0.93) {
    const id = `${door}/A${Math.floor(next() * 1e6)}`;
    return { kind: 'addDevice', device: { ...device, id, door, tag: id.split('/')[1]! } };
  }
  const id = `${door}/B${Math.floor(next() * 1e6)}`;
  return { kind: 'connect', conductor: { ...wire, id, door, number: id.split('/')[1]! } };
}

describe('the index of a site', () => {
  it('after any run of edits is what is worked out of the tables anew', () => {
    for (const seed of [1, 2, 3, 4]) {
      const next = random(seed);
      let plan = siteOf({ doors: 5, perSupply: seed % 2 ? 1 : 2 });
      expectSame(plan);
      for (let n = 0; n < 40; n += 1) {
        const edits = Array.from({ length: 1 + Math.floor(next() * 3) }, () => anyEdit(plan, next));
        const result = applyEdit(plan, { kind: 'batch', label: '', edits });
        if (result.ok) plan = result.plan;
        // Looked at now and then: what is patched lies some edits back.
        if (next() < 0.4) expectSame(plan);
      }
      expectSame(plan);
    }
  });
  it('of a copy that a difference was applied to is the same', () => {
    const next = random(8);
    let here = siteOf({ doors: 4 });
    let there = structuredClone(here);
    for (let n = 0; n < 25; n += 1) {
      const result = applyEdit(here, anyEdit(here, next));
      if (!result.ok) continue;
      there = applyDelta(there, planDelta(here, result.plan));
      here = result.plan;
      expect(there).toEqual(here);
      expectSame(there);
    }
  });
  it('tells the same doors to be stale as looking at every wire does', () => {
    const next = random(5);
    let plan = siteOf({ doors: 6, perSupply: 3 });
    for (let n = 0; n < 30; n += 1) {
      const result = applyEdit(plan, anyEdit(plan, next));
      if (!result.ok) continue;
      const { plan: after } = result;
      expect(staleDoors(plan, after).sort()).toEqual(staleDoors(stranger(plan), stranger(after)).sort());
      plan = after;
    }
  });
});

describe('changedIds', () => {
  it('is what comparing every entry finds, near or far, forwards and backwards', () => {
    const next = random(21);
    const states = [siteOf({ doors: 3 })];
    for (let n = 0; n < 30 && Object.keys(states.at(-1)!.conductors).length > 0; n += 1) {
      const result = applyEdit(states.at(-1)!, anyEdit(states.at(-1)!, next));
      if (result.ok) states.push(result.plan);
    }
    const everyEntry = (old: object, now: object): string[] => changedIds({ ...old }, { ...now }).sort();
    for (let n = 0; n < 120; n += 1) {
      const [one, two] = [0, 0].map(() => states[Math.floor(next() * states.length)]!);
      for (const table of ['devices', 'conductors'] as const)
        expect(changedIds(one![table], two![table]).sort()).toEqual(everyEntry(one![table], two![table]));
      expect(changedEntries(one!, two!).length).toBe(changedEntries(stranger(one!), stranger(two!)).length);
    }
  });
  it('does not count an entry that was taken out and put back', () => {
    const wire = { from: 'a', to: 'b' };
    const first = { w: wire };
    const second = madeFrom({}, first, ['w']);
    const third = madeFrom({ w: wire }, second, ['w']);
    expect(changedIds(first, third)).toEqual([]);
    expect(changedIds(first, second)).toEqual(['w']);
    expect(changedIds(second, first)).toEqual(['w']);
  });
});

describe('what a table was made from', () => {
  it('is remembered for a few steps, and then let go', () => {
    type Numbers = Readonly<Record<string, number>>;
    const tables: Numbers[] = [{}];
    for (let n = 0; n < 20; n += 1) {
      const from = tables.at(-1)!;
      tables.push(madeFrom({ ...from, [`k${n}`]: n }, from, [`k${n}`]));
    }
    const newest = tables.at(-1)!;
    const found = tables.filter((table) => ancestorOf(newest, (one) => one === table) !== null);
    expect(found.length).toBeGreaterThan(3);
    expect(found.length).toBeLessThan(12);
    expect(found).not.toContain(tables[0]);
  });
  it('is worked out anew where too much differs', () => {
    let made = 0;
    let patched = 0;
    const size = oncePer<Readonly<Record<string, number>>, number>(
      (table) => {
        made += 1;
        return Object.keys(table).length;
      },
      (_known, _from, table) => {
        patched += 1;
        return Object.keys(table).length;
      },
    );
    const first = { a: 1 };
    expect(size(first)).toBe(1);
    expect(size(madeFrom({ a: 1, b: 2 }, first, ['b']))).toBe(2);
    const many = Object.fromEntries(Array.from({ length: 300 }, (_, n) => [`n${n}`, n]));
    expect(size(madeFrom(many, first, Object.keys(many)))).toBe(300);
    expect(size(first)).toBe(1);
    expect([made, patched]).toEqual([2, 1]);
  });
});
