import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { siteOf } from '../../../core/specimens/site';
import { SITE_PAGES } from '../../parts/route';
import { findables, found, MOST_SHOWN } from './findable';

/** Letters in their order, anywhere: enough to test what is done with a score. */
const score = (value: string, letters: string): number =>
  value.toLowerCase().includes(letters.toLowerCase()) ? 1 / value.length : 0;

describe('what can be found', () => {
  const plan = quillhaven();
  const all = findables(plan, 'D05');

  it('is every door, station, person, device and wire, each once', () => {
    const count = (group: string) => all.filter((one) => one.group === group).length;
    expect(count('Doors')).toBe(Object.keys(plan.doors).length);
    expect(count('Stations')).toBe(8);
    expect(count('People')).toBe(Object.keys(plan.people).length);
    expect(count('Devices')).toBe(Object.keys(plan.devices).length);
    expect(count('Wires')).toBe(Object.keys(plan.conductors).length);
    expect(new Set(all.map(({ group, id }) => `${group} ${id}`)).size).toBe(all.length);
  });
  it('has what belongs to the open door first, and no station where no door is open', () => {
    const [device] = all.filter(({ group }) => group === 'Devices');
    const [wire] = all.filter(({ group }) => group === 'Wires');
    expect([device?.way, wire?.way]).toMatchObject([{ door: 'D05' }, { door: 'D05' }]);
    expect(findables(plan, null).some(({ group }) => group === 'Stations')).toBe(false);
  });
  it('leads to the thing itself', () => {
    const wire = all.find(({ group, id }) => group === 'Wires' && id === 'D02/W02');
    expect(wire?.way).toEqual({ kind: 'door', door: 'D02', station: 'wire', subject: 'D02/W02' });
    const person = all.find(({ group }) => group === 'People');
    expect(person?.way).toEqual({ kind: 'page', page: 'people' });
    expect(person?.value).not.toMatch(/\d{4}/);
  });
  it.each([
    ['maglock', 'Devices'],
    ['REX', 'Devices'],
    ['PIR', 'Devices'],
    ['OSDP', 'Pages'],
    ['holiday', 'Pages'],
    ['schedule', 'Pages'],
    ['anti-passback', 'Pages'],
    ['always open', 'Stations'],
    ['help', 'Pages'],
  ])('knows what people call it: %s', (word, group) => {
    const { shown } = found(all, word, score);
    expect(shown.map((one) => one.group)).toContain(group);
  });
  it('has a way to every page of the site', () => {
    const ways = all.flatMap(({ way }) => (way.kind === 'page' ? [way.page] : []));
    expect(SITE_PAGES.filter((page) => !ways.includes(page))).toEqual([]);
  });
  it('is narrowed by letters, the best first, and says how many more there are', () => {
    const many = findables(siteOf({ doors: 40 }), 'D001');
    const none = found(many, '', score);
    expect(none.shown).toEqual(many.slice(0, MOST_SHOWN));
    expect(none.more).toBe(many.length - MOST_SHOWN);
    const some = found(many, ' D007 ', score);
    expect(some.shown.length).toBeGreaterThan(5);
    expect(some.shown.every(({ value }) => value.includes('D007'))).toBe(true);
    const points = some.shown.map(({ value }) => score(value, 'D007'));
    expect([...points].sort((a, b) => b - a)).toEqual(points);
    expect(found(many, 'nothing is called so', score)).toEqual({ shown: [], more: 0 });
  });
});
