import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, deviceOf, pinOf, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { door } from '../specimens/ruleEdits';
import { oddness, terrainOf } from './oddness';

const odd = (plan: Plan): number => {
  const terrain = terrainOf(plan, 'D01');
  return oddness(terrain, terrain.wires);
};

describe('oddness', () => {
  it.each(HARDWARE_SETS.map(({ id }) => id))('is nothing at %s as Aldaba wires it', (id) => {
    expect(odd(door(id))).toBe(0);
  });
  it('is told of a contact whose common is left out, and of one whose throw is', () => {
    const plan = door('magnet-controller');
    for (const pin of ['COM1', 'NC1']) {
      const wire = conductorsOf(plan, 'D01').find(({ from, to }) =>
        [from, to].some((end) => pinOf(end) === pin && deviceOf(end).endsWith('K1')),
      );
      expect(odd(mustApply(plan, { kind: 'disconnect', id: wire!.id }))).toBeGreaterThan(0);
    }
  });
});
