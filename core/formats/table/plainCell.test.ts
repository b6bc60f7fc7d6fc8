import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plain, unguarded } from './plainCell';

describe('a field that a spreadsheet would take for a formula', () => {
  it.each([
    '=1+1',
    '+cmd',
    '-cmd',
    '@sum',
    '\tx',
    '\r=1',
    '\uff1d1',
    '\uff0b1x',
    '\uff0dx',
    '\uff20x',
    "'=1",
  ])('%j is made plain text', (text) => expect(plain(text)).toBe(`'${text}`));
  it.each(['', 'W01', '-12', '+3.5', '-0,75', "it's", "'quoted'", 'a=b'])('%j is left alone', (text) =>
    expect(plain(text)).toBe(text),
  );
  it('comes back as it was, whatever it is', () => {
    const sign = fc.constantFrom("'", '=', '+', '-', '@', '\t', '\uff1d', '1', 'x', ',');
    fc.assert(fc.property(fc.string({ unit: sign }), (text) => unguarded(plain(text)) === text));
  });
});
