import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseAldaba, writeAldaba } from '#core/formats/index';
import { doorsInOrder } from '#core/plan/index';
import { doorVerdict } from '#core/verdict/index';
import { DOORS } from './doors';
import { MISTAKES } from './mistakes';
import { quillhaven } from './quillhaven';

describe('quillhaven', () => {
  const plan = quillhaven();
  const wrong = (door: string) =>
    doorVerdict(plan, door)
      .findings.filter(({ severity }) => severity === 'stop' || severity === 'fix')
      .map(({ code }) => code)
      .sort();
  it.each(DOORS.map(({ id }) => id))('%s has its deliberate mistakes found, and nothing else', (door) => {
    const expected = MISTAKES.filter((mistake) => mistake.door === door).flatMap(({ found }) => found);
    expect(wrong(door)).toEqual([...expected].sort());
  });
  it('has at least twelve doors with hardware', () => {
    expect(doorsInOrder(plan).length).toBe(DOORS.length);
    expect(DOORS.filter(({ set }) => set !== null).length).toBeGreaterThanOrEqual(12);
  });
  it('is the same as the file that ships for the command line', () => {
    const file = readFileSync(new URL('./quillhaven.json', import.meta.url), 'utf8');
    expect(JSON.parse(file)).toEqual(writeAldaba(plan, { secrets: true }));
    expect(parseAldaba(file)).toEqual({ ok: true, plan, notes: [] });
  });
  it('has its table of mistakes and findings in docs', () => {
    const text = readFileSync(new URL('../docs/mistakes.md', import.meta.url), 'utf8');
    for (const { what, found } of MISTAKES) {
      expect(text).toContain(what);
      for (const code of found) expect(text).toContain(`\`${code}\``);
    }
  });
});
