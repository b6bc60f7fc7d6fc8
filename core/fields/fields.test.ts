import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type * as z from 'zod';
import {
  above,
  addressId,
  between,
  code,
  colour,
  gauge,
  innerId,
  length,
  line,
  lines,
  whole,
  word,
} from './index';
import { numberTried } from '../../scripts/testSlice';

/** Fields that every kind of thing is made of, each with values it must let through. */
const FIELDS: readonly [
  name: string,
  field: z.ZodType,
  fine: readonly unknown[],
  refused: readonly unknown[],
][] = [
  [
    'line',
    line(5),
    ['', 'Büro', '东门', 'a b'],
    ['123456', 'a\nb', 'a\tb', '\u0000', '\u2028', '\ud800', 7, null],
  ],
  ['lines', lines(9), ['', 'a\nb', 'a\tb'], ['\u0000', 'a\u0007', '\udfff', '0123456789']],
  [
    'word',
    word(12),
    ['voltage', 'ch1.unlock'],
    ['', 'toString', '__proto__', 'constructor', 'hasOwnProperty'],
  ],
  [
    'addressId',
    addressId,
    ['D01', 'Tür 3', 'nord_2', '1-a', '門'],
    ['', ' D01', 'D01 ', 'a/b', 'a.b', 'a?b', 'a#b', 'a%41', 'a&b', '-a', 'toString', 'a\nb'],
  ],
  ['innerId', innerId(), ['D01/K1', 'a b', '~x'], ['', ' a', 'a ', 'a.b', '.', 'toString', 'a\nb']],
  ['whole', whole(0, 9), [0, 9], [-1, 10, 1.5, NaN, Infinity, '3']],
  ['between', between(-1, 1), [-1, 0, 0.25, 1], [-1.01, 1.01, NaN, -Infinity, '0', null]],
  ['above', above(0, 10), [1e-9, 10], [0, -0, -1, 10.1, NaN, '1']],
  ['length', length(2000), [0, 14.5, 2000], [-1, 2001, '14m']],
  ['gauge', gauge, ['1mm2', '0.75', '18AWG', '18 awg'], ['', 'thick', '0', '-1mm2', 7]],
  ['colour', colour, ['RD', 'GNYE'], ['', 'red', 'rd', 'XX']],
  ['code', code, ['', '1', '12345678'], ['123456789', '12a', ' 1', '１２']],
];

describe.each(FIELDS)('%s', (_name, field, fine, refused) => {
  it('lets through what a plan may hold, the same after JSON and after itself', () => {
    for (const value of fine) {
      const read = field.parse(value);
      expect(field.parse(JSON.parse(JSON.stringify(read)))).toEqual(read);
    }
  });
  it('refuses the rest with a word on it', () => {
    for (const value of refused) {
      const result = field.safeParse(value);
      expect(result.success, JSON.stringify(value)).toBe(false);
      expect(result.error?.issues[0]?.message.length ?? 0, JSON.stringify(value)).toBeGreaterThan(5);
    }
  });
  it('throws at nothing, and what it lets through stays as it is', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.anything(),
          fc.string({ unit: 'binary' }),
          fc.double(),
          fc.constantFrom(-0, '\ud83d', ''),
        ),
        (value) => {
          const first = field.safeParse(value);
          if (!first.success) return;
          // Exactly the same: minus zero is not zero here, and JSON would make it so.
          expect(Object.is(first.data, JSON.parse(JSON.stringify(first.data)))).toBe(true);
          expect(field.parse(first.data)).toEqual(first.data);
        },
      ),
      { numRuns: numberTried(400) },
    );
  });
});
