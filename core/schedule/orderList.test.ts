import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { allDevices, doorsInOrder } from '../plan/index';
import { billOfMaterials } from './bill';
import { orderList } from './orderList';

const plan = quillhaven();

describe('orderList', () => {
  it('has every device of the site once, and every metre of its doors', () => {
    const rows = orderList(plan);
    const sum = (kind: string) =>
      rows.filter((row) => row.kind === kind).reduce((total, { count }) => total + count, 0);
    expect(sum('device')).toBe(allDevices(plan).length);
    const metres = doorsInOrder(plan)
      .flatMap(({ id }) => billOfMaterials(plan, id))
      .filter(({ kind }) => kind === 'cable')
      .reduce((total, { count }) => total + count, 0);
    expect(sum('cable')).toBe(metres);
  });
  it('adds the same up, and says for which doors', () => {
    const rows = orderList(plan);
    expect(new Set(rows.map(({ kind, name, unit }) => `${kind} ${name} ${unit}`)).size).toBe(rows.length);
    for (const { of, count } of rows)
      expect(of.split(', ').reduce((total, one) => total + Number(one.split(' ').at(-1)), 0)).toBe(count);
  });
});
