import { describe, expect, it } from 'vitest';
import { REGION_ASKS } from '#core/regions/index';
import { askedIn } from './regions';
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

describe('what regions ask', () => {
  const asked = (...regions: Parameters<typeof askedIn>[0]) =>
    Object.fromEntries(askedIn(regions).map(({ what, answers }) => [what, answers]));
  it('is told question by question as the tables of the regions have it', () => {
    const table = asked('north-america', 'europe', 'uk', 'other');
    expect(table['Manual release of a fail-safe lock']).toEqual([
      'a button that cuts the lock’s own power for 30 s or longer',
      ...Array.from({ length: 3 }, () => 'a break glass in the lock’s own power'),
    ]);
    expect(table['The exit sensor loses its power']?.slice(0, 2)).toEqual(['the door unlocks', 'not asked']);
    expect(table['The fire alarm line is cut, or its panel is dead']?.slice(1, 3)).toEqual([
      'the door unlocks, or it is reported; confirm locally',
      'the door unlocks, or it is reported',
    ]);
    expect(table['Delayed egress']).toEqual([
      '15 s at the longest',
      '15 s at the longest',
      'decided case by case',
      'decided case by case',
    ]);
  });
  it('changes with every answer of a region: no question reads the same whatever is asked', () => {
    const table = askedIn(['north-america', 'europe', 'uk', 'other']);
    for (const { what, answers } of table) expect([what, new Set(answers).size > 1]).toEqual([what, true]);
  });
});
