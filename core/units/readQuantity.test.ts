import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { decimalOf, readNumber, readQuantity, type Asked, type QuantityResult } from './index';
import { numberTried } from '../../scripts/testSlice';

const value = (result: QuantityResult): number | string =>
  result.kind === 'value' ? result.value : result.kind === 'open' ? 'open' : result.fault.kind;

describe('readQuantity', () => {
  it.each([
    ['13.1', 'V', 13.1],
    ['13,1 V', 'V', 13.1],
    ['+13.1 V', 'V', 13.1],
    ['−0,2', 'V', -0.2],
    ['230 mV', 'V', 0.23],
    ['70mA', 'A', 0.07],
    ['70 mA', 'A', 0.07],
    ['350 µA', 'A', 0.00035],
    ['4.7k', 'Ω', 4700],
    ['4k7', 'Ω', 4700],
    ['4R7', 'Ω', 4.7],
    ['4,7 kΩ', 'Ω', 4700],
    ['1 MΩ', 'Ω', 1e6],
    ['1M', 'Ω', 1e6],
    ['0.470', 'Ω', 0.47],
    ['12 000', 'Ω', 12_000],
    ["12'000", 'Ω', 12_000],
    ['1,234,567.5', 'Ω', 1_234_567.5],
    ['1.234.567,5', 'Ω', 1_234_567.5],
    ['5 s', 's', 5],
    ['800 ms', 's', 0.8],
    ['2 min', 's', 120],
    ['14', 'm', 14],
    ['12 ft', 'm', 3.6576],
    ['60\'6"', 'm', 18.4404],
    ['60 ft 6 in', 'm', 18.4404],
    ['60′-6 1/2″', 'm', 18.4531],
    ['250 cm', 'm', 2.5],
    ...['OL', 'ol', 'O.L', '0.L', '0L', '.OL', 'O.L.', 'inf', '∞', 'open', 'offen', 'OL MΩ'].map(
      (text) => [text, 'Ω', 'open'] as const,
    ),
  ] as const)('reads %s, asked for %s', (text, asked, wanted) => {
    const read = value(readQuantity(text, asked));
    if (typeof wanted === 'number') expect(read).toBeCloseTo(wanted, 4);
    else expect(read).toBe(wanted);
  });

  it.each([
    ['470mA', 'Ω', 'other-quantity'],
    ['12 V', 'Ω', 'other-quantity'],
    ['4.7 kΩ', 'V', 'other-quantity'],
    ['4k7', 'A', 'other-quantity'],
    ['18 AWG', 'm', 'other-quantity'],
    ['50 Hz', 'V', 'other-quantity'],
    ['OL', 'V', 'open-not-here'],
    ['0.L', 'A', 'open-not-here'],
    ['0.3k', 'V', 'unit-missing'],
    ['70m', 'A', 'unit-missing'],
    ['470m', 'Ω', 'unit-missing'],
    ['1M', 'V', 'unit-missing'],
    ['1,200 ft', 'm', 'ambiguous'],
    ['1.200', 'V', 'ambiguous'],
    ['12 bananas', 'V', 'unknown-unit'],
    ['470 MA', 'A', 'unknown-unit'],
    ['about 12', 'V', 'not-a-number'],
    ['1.2.3', 'V', 'not-a-number'],
    ['12..3', 'V', 'not-a-number'],
    ['1,2,3', 'V', 'not-a-number'],
    ['12 34', 'V', 'not-a-number'],
    ['V', 'V', 'not-a-number'],
    ['', 'V', 'empty'],
    ['  ', 'V', 'empty'],
    ['9999', 'V', 'out-of-range'],
    ['-5', 's', 'out-of-range'],
    ['3 km', 'm', 'out-of-range'],
  ] as const)('refuses %s, asked for %s, as %s', (text, asked, why) =>
    expect(value(readQuantity(text, asked))).toBe(why),
  );

  it('reads a figure of a column by the sign of the column', () => {
    expect(value(readQuantity('1,200 ft', 'm', { decimal: '.' }))).toBeCloseTo(365.76, 6);
    expect(value(readQuantity('1,200', 'm', { decimal: ',' }))).toBeCloseTo(1.2, 9);
    expect(value(readQuantity('1.200', 'm', { decimal: ',' }))).toBeCloseTo(1200, 9);
    expect(value(readQuantity('14.5', 'm', { decimal: ',' }))).toBe('not-a-number');
    expect(value(readQuantity('12', 'm', { bare: 'ft' }))).toBeCloseTo(3.6576, 6);
    expect(value(readQuantity('12 m', 'm', { bare: 'ft' }))).toBe(12);
  });
});

describe('any quantity, however it is written', () => {
  const PREFIXED: readonly (readonly [string, Asked, number])[] = [
    ['Ω', 'Ω', 1],
    [' ohms', 'Ω', 1],
    ['kΩ', 'Ω', 1e3],
    ['k', 'Ω', 1e3],
    ['V', 'V', 1],
    ['mV', 'V', 1e-3],
    [' A', 'A', 1],
    ['mA', 'A', 1e-3],
    [' s', 's', 1],
    ['ms', 's', 1e-3],
    [' ft', 'm', 0.3048],
    [' mm', 'm', 1e-3],
    ['metres', 'm', 1],
  ];
  /** A figure in hundredths, and the ways in which people write it. */
  const written = fc.record({
    hundredths: fc.integer({ min: 1, max: 20_000_000 }),
    places: fc.integer({ min: 0, max: 3 }),
    sign: fc.constantFrom('.' as const, ',' as const),
    grouping: fc.constantFrom('', ' ', '\u00a0', "'", 'other'),
    unit: fc.constantFrom(...PREFIXED),
    asked: fc.constantFrom<Asked>('Ω', 'V', 'A', 's', 'm'),
    told: fc.boolean(),
  });

  it('is its own value or is refused with a reason: never another figure', () => {
    fc.assert(
      fc.property(written, ({ hundredths, places, sign, grouping, unit, asked, told }) => {
        const figure = Number((hundredths / 10 ** places).toFixed(places));
        const [whole, parts] = figure.toFixed(places).split('.');
        const mark = grouping === 'other' ? (sign === '.' ? ',' : '.') : grouping;
        const groups = whole!.replace(/\B(?=(\d{3})+$)/g, mark);
        const text = `${groups}${parts ? sign + parts : ''}${unit[0]}`;
        const read = readQuantity(text, asked, { decimal: told ? sign : null });
        if (read.kind === 'value') {
          expect(unit[1]).toBe(asked);
          expect(Math.abs(read.value / (figure * unit[2]) - 1)).toBeLessThan(1e-9);
        } else {
          expect(read.kind).toBe('fault');
          // What says enough, is asked for and can be, is read.
          if (read.kind === 'fault' && unit[1] === asked && told)
            expect(read.fault.kind).toBe('out-of-range');
        }
      }),
      { numRuns: numberTried(2000) },
    );
  });

  it('with a slip in it is a figure that a meter can show, or a reason', () => {
    const slip = fc.tuple(fc.nat(12), fc.constantFrom(...'.,0 9kMmVAΩ-xO'), fc.nat(2));
    fc.assert(
      fc.property(
        fc.constantFrom('13.1 V', '470mA', '4.7k', '60\'6"', '1,234.5', '0.L'),
        slip,
        (text, [at, sign, cut]) => {
          const wrong = text.slice(0, at) + sign + text.slice(at + cut);
          for (const asked of ['Ω', 'V', 'A', 's', 'm'] as const) {
            const read = readQuantity(wrong, asked);
            if (read.kind === 'value')
              expect(Number.isFinite(read.value) && Math.abs(read.value) <= 1e9).toBe(true);
            if (read.kind === 'open') expect(asked).toBe('Ω');
            if (read.kind === 'fault') expect(read.fault.kind).not.toBe('');
          }
        },
      ),
      { numRuns: numberTried(500) },
    );
  });
});

describe('the decimal sign of a column', () => {
  it.each([
    [['0,75', '1,5', '1,200'], ','],
    [['0.75', '14'], '.'],
    [['1,200', '2,400'], null],
    [['14', '3', ''], null],
    [['0,75', '1.5'], 'mixed'],
    [['1.234,5'], ','],
    [['14,5 m', '3 m'], ','],
  ] as const)('of %j is %s', (figures, sign) => expect(decimalOf(figures)).toBe(sign));
  it('leaves nothing ambiguous once it is known', () => {
    fc.assert(
      fc.property(
        fc.stringMatching(/^[\d.,]{1,9}$/),
        fc.constantFrom('.' as const, ',' as const),
        (text, sign) => {
          const read = readNumber(text, sign);
          if (!read.ok) expect(read.fault.kind).toBe('not-a-number');
        },
      ),
    );
  });
});
