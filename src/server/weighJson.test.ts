import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { writeAldaba } from '#core/formats/index';
import { attachment, parseJson } from './http';
import { DEEPEST, MOST_CONTAINERS, MOST_VALUES, tooHeavy, weighJson } from './weighJson';
import { numberTried } from '../../scripts/testSlice';

/** The same counted by reading it: the slow twin. */
function weighed(value: unknown): { containers: number; depth: number } {
  if (typeof value !== 'object' || value === null) return { containers: 0, depth: 0 };
  const inner = Object.values(value).map(weighed);
  return {
    containers: 1 + inner.reduce((sum, one) => sum + one.containers, 0),
    depth: 1 + Math.max(0, ...inner.map((one) => one.depth)),
  };
}

describe('weighJson', () => {
  it('counts what reading would make, without reading', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6 }), (value) => {
        const { containers, depth } = weighJson(JSON.stringify(value));
        expect({ containers, depth }).toEqual(weighed(value));
      }),
      { numRuns: numberTried(500) },
    );
  });
  it('is not misled by what stands in texts', () => {
    expect(weighJson('{"a":"[[[{{{,,,","b\\"[":"\\\\"}')).toMatchObject({
      containers: 1,
      depth: 1,
      values: 3,
    });
    expect(weighJson('"an open text [[[[')).toMatchObject({ containers: 0 });
    expect(weighJson('')).toMatchObject({ containers: 0, depth: 0 });
  });
  it('never throws, and takes twelve million characters at one go', () => {
    fc.assert(fc.property(fc.string(), (text) => weighJson(text).containers >= 0));
    const begun = performance.now();
    weighJson('{},'.repeat(4_000_000));
    expect(performance.now() - begun).toBeLessThan(30_000);
  });
});

describe('tooHeavy', () => {
  it('lets the demo site through fifty times over', () => {
    const text = JSON.stringify(writeAldaba(quillhaven(), { secrets: true }));
    const { containers, values } = weighJson(text);
    expect(containers * 50).toBeLessThan(MOST_CONTAINERS);
    expect(values * 50).toBeLessThan(MOST_VALUES);
    expect(tooHeavy(text)).toBeNull();
  });
  it('stops what would fill the memory, and what is deeper than anything here', () => {
    expect(tooHeavy(`[${'{},'.repeat(MOST_CONTAINERS)}0]`)).toContain('more entries');
    expect(tooHeavy(`[${'0,'.repeat(MOST_VALUES)}0]`)).toContain('more entries');
    expect(tooHeavy('['.repeat(DEEPEST + 1))).toContain('nests deeper');
    expect(tooHeavy('['.repeat(DEEPEST))).toBeNull();
    expect(() => parseJson('['.repeat(5000))).toThrow('nests deeper');
    expect(() => parseJson('{')).toThrow('is not JSON');
    expect(parseJson('{"a":[1]}')).toEqual({ a: [1] });
  });
});

describe('attachment', () => {
  it('bears names of every script in a header that any browser takes', () => {
    for (const name of [
      'plain.json',
      'Tür 門.json',
      'a"b;c\\d.csv',
      "it's (1)*.pdf",
      '😀.svg',
      'a\nb\u0000.pdf',
      'x'.repeat(300),
    ]) {
      const header = attachment(name);
      // Latin-1 without control characters: what a header may hold.
      expect(header).toMatch(/^[\x20-\x7e]*$/);
      expect(() => new Headers({ 'content-disposition': header })).not.toThrow();
      const encoded = /filename\*=UTF-8''(.*)$/.exec(header)?.[1] ?? '';
      expect(decodeURIComponent(encoded)).toBe(name);
      expect(/filename="([^"]*)"/.exec(header)?.[1]).toMatch(/^[\w.-]+$/);
    }
  });
});
