import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sameContent } from './sameContent';

const turned = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(turned);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([key, one]) => [key, turned(one)]),
  );
};

describe('sameContent', () => {
  it('does not mind the order of fields', () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => sameContent(value, turned(value))));
  });
  it('agrees with JSON on what is written in one order', () => {
    fc.assert(
      fc.property(
        fc.jsonValue({ maxDepth: 2 }),
        fc.jsonValue({ maxDepth: 2 }),
        (one, two) => sameContent(one, two) === (JSON.stringify(sorted(one)) === JSON.stringify(sorted(two))),
      ),
    );
  });
  it.each([
    [{ a: 1 }, { a: 1, b: undefined }],
    [[], {}],
    [null, {}],
    ['1', 1],
  ])('tells %j from %j', (one, two) => expect(sameContent(one, two)).toBe(false));
});

const sorted = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sorted);
  // Minus nothing is nothing in JSON, and another number to whoever compares.
  if (Object.is(value, -0)) return '-0';
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, one]) => [key, sorted(one)]),
  );
};
