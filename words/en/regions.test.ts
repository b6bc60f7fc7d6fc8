import { describe, expect, it } from 'vitest';
import { REGION_ASKS } from '#core/regions/index';
import { REGIONS, standardsOf } from './site';

describe('standards of a region', () => {
  it('name every reference with its edition, grouped by what it is about', () => {
    for (const { id, references } of Object.values(REGION_ASKS)) {
      const text = standardsOf(id);
      for (const { number, edition } of references) expect(text).toContain(`${number}:${edition}`);
      expect([REGIONS[id].name, text.includes('undefined')]).toEqual([REGIONS[id].name, false]);
    }
    expect(standardsOf('europe')).toContain('EN 179:2008, EN 1125:2008 (exit devices)');
    expect(standardsOf('other')).toBe('the local standards');
  });
});
