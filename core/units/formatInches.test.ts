import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatInches } from './formatInches';

describe('formatInches', () => {
  it.each([
    [300, '11 13/16 in'],
    [304.8, '12 in'],
    [5, '3/16 in'],
    [38.1, '1 1/2 in'],
    [0.2, '1/16 in'],
  ])('writes %s mm as %s', (mm, text) => expect(formatInches(mm)).toBe(text));
  it('is never off by more than half a sixteenth', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 2000, noNaN: true }), (mm) => {
        const parts = formatInches(mm).replace(' in', '').split(' ');
        const value = parts.reduce((sum, part) => {
          const [a, b = '1'] = part.split('/');
          return sum + Number(a) / Number(b);
        }, 0);
        expect(Math.abs(value * 25.4 - mm)).toBeLessThanOrEqual(25.4 / 32 + 1e-9);
      }),
    );
  });
});
