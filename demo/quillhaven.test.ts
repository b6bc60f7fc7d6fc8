import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseAldaba, writeAldaba } from '#core/formats/index';
import { applyEdit } from '#core/plan/index';
import { doorVerdict } from '#core/verdict/index';
import { quillhaven } from './quillhaven';

describe('quillhaven', () => {
  const plan = quillhaven();
  const wrong = (door: string) =>
    doorVerdict(plan, door)
      .findings.filter(({ severity }) => severity === 'stop' || severity === 'fix')
      .map(({ code }) => code)
      .sort();
  it('has its deliberate mistakes found, and nothing else', () => {
    expect(['D01', 'D02', 'D04', 'D05', 'D08'].flatMap(wrong)).toEqual([]);
    expect(wrong('D03')).toEqual(['fire-not-latched']);
    expect(wrong('D06')).toEqual(['locked-out', 'not-kept-out', 'wrong-throw']);
    expect(wrong('D07')).toEqual(['link-missing', 'not-kept-out']);
  });
  it('D07 hides a second mistake behind the first: the thin cable shows once the link is in', () => {
    const link = doorVerdict(plan, 'D07').findings.find(({ code }) => code === 'link-missing');
    const fixed = link?.remedy ? applyEdit(plan, link.remedy) : null;
    if (!fixed?.ok) throw new Error('the link has a remedy that applies');
    const codes = doorVerdict(fixed.plan, 'D07').findings.map(({ code }) => code);
    expect(codes).toContain('lock-under-voltage');
  });
  it('is the same as the file that ships for the command line', () => {
    const file = readFileSync(new URL('./quillhaven.json', import.meta.url), 'utf8');
    expect(JSON.parse(file)).toEqual(writeAldaba(plan, { secrets: true }));
    expect(parseAldaba(file)).toEqual({ ok: true, plan });
  });
});
