import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  AWG_SIZES,
  areaOf,
  awg,
  CABLE_MAKES,
  chooseCable,
  COLOUR_CODES,
  COLOURS,
  conductorResistance,
  celsius,
  findCableMake,
  formatAmps,
  formatGauge,
  formatHours,
  formatLength,
  formatOhms,
  formatSeconds,
  formatVolts,
  isColourCode,
  METRIC_SIZES,
  metres,
  mm2,
  parseGauge,
  readQuantity,
} from './index';

describe('figures', () => {
  it.each([
    [formatVolts(13.1), '13.10 V'],
    [formatVolts(0.004), '0 V'],
    [formatVolts(-11.4), '-11.40 V'],
    [formatVolts(null), '—'],
    [formatAmps(0.4751), '0.48 A'],
    [formatAmps(0.038), '38 mA'],
    [formatAmps(0.0011), '1.1 mA'],
    [formatAmps(0), '0 A'],
    [formatAmps(null), '—'],
    [formatOhms(0.03), '0.03 Ω'],
    [formatOhms(27.9), '27.9 Ω'],
    [formatOhms(4700), '4.7 kΩ'],
    [formatOhms(1e6), '1.0 MΩ'],
    [formatOhms(Infinity), 'open'],
    [formatSeconds(5000), '5.0 s'],
    [formatHours(7.5), '7.5 h'],
    [formatHours(Infinity), 'no load'],
    [formatLength(14), '14 m'],
    [formatLength(3.5), '3.5 m'],
    [formatLength(3.048, 'ft'), '10 ft'],
    [formatGauge(mm2(1)), '1.0 mm²'],
    [formatGauge(mm2(0.75)), '0.75 mm²'],
    [formatGauge(awg(18)), '18 AWG'],
  ])('%s', (made, wanted) => expect(made).toBe(wanted));

  it('never write more than three digits after the point, nor a bare exponent', () => {
    fc.assert(
      fc.property(fc.double({ min: -1e4, max: 1e7, noNaN: true }), (value) => {
        for (const text of [formatVolts(value), formatAmps(value), formatOhms(Math.abs(value))])
          expect(text).not.toMatch(/\.\d{3,}|e[+-]?\d|NaN/);
      }),
    );
  });
});

describe('sizes and lengths', () => {
  it('come back as they were written', () => {
    for (const size of METRIC_SIZES) expect(parseGauge(formatGauge(mm2(size)))).toBe(mm2(size));
    for (const size of AWG_SIZES) expect(parseGauge(formatGauge(awg(size)))).toBe(awg(size));
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 2000 }), (length) => {
        expect(readQuantity(formatLength(length), 'm')).toEqual({ kind: 'value', value: length });
      }),
    );
  });
  // Nominal areas and resistances of solid wire at 20 °C: ASTM B258 table of diameters.
  it.each([
    [24, 0.205],
    [22, 0.326],
    [20, 0.518],
    [18, 0.823],
    [16, 1.309],
    [14, 2.081],
    [12, 3.309],
  ])('%i AWG has %f mm²', (size, area) => expect(areaOf(awg(size))).toBeCloseTo(area, 2));
  it('three AWG numbers down is half the copper', () => {
    for (const size of [24, 22, 20, 18])
      expect(areaOf(awg(size)) / areaOf(awg(size - 3))).toBeCloseTo(0.5, 2);
  });
  it('a longer, thinner or warmer conductor never has less resistance', () => {
    const size = fc.constantFrom(...METRIC_SIZES);
    fc.assert(
      fc.property(
        size,
        size,
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 0, max: 60 }),
        (a, b, length, warm) => {
          const of = (area: number, l: number, t = 20) =>
            conductorResistance(mm2(area), metres(l), celsius(t));
          expect(of(a, length + 1)).toBeGreaterThanOrEqual(of(a, length));
          expect(of(Math.min(a, b), length)).toBeGreaterThanOrEqual(of(Math.max(a, b), length));
          expect(of(a, length, 20 + warm)).toBeGreaterThanOrEqual(of(a, length));
        },
      ),
    );
  });
});

describe('cables', () => {
  it('have ids of their own and are found by them', () => {
    const all = [...CABLE_MAKES.metric, ...CABLE_MAKES.american];
    for (const make of all) expect(findCableMake(make.id)).toBe(make);
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
    expect(new Set(all.map(({ name }) => name)).size).toBe(all.length);
    // Files of every version before hold these.
    expect(['2x0.22s', '2x0.34sp', '7x1.5'].map((id) => findCableMake(id)?.name)).toEqual([
      '2 × 0.22 mm², screened',
      '1 × 2 × 0.34 mm², screened, twisted pairs',
      '7 × 1.5 mm²',
    ]);
    expect(findCableMake('9x9')).toBeUndefined();
  });
  it('the one chosen suits, and no other that suits has less copper', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 14 }),
        fc.constantFrom(...METRIC_SIZES),
        fc.boolean(),
        fc.boolean(),
        fc.constantFrom('metric' as const, 'american' as const),
        (cores, area, screened, pairs, system) => {
          const chosen = chooseCable({ cores, area, screened, pairs }, system);
          const suits = CABLE_MAKES[system].filter(
            (one) =>
              one.cores >= cores &&
              areaOf(one.gauge) >= area &&
              (one.screened || !screened) &&
              (one.pairs || !pairs),
          );
          if (!chosen) {
            expect(suits).toEqual([]);
            return;
          }
          expect(suits).toContain(chosen);
          const copper = (one: (typeof suits)[number]) => one.cores * areaOf(one.gauge);
          for (const other of suits)
            if (other.screened === chosen.screened)
              expect(copper(chosen)).toBeLessThanOrEqual(copper(other) + 1e-9);
        },
      ),
    );
  });
  it('a screen is not taken where nothing asks for one', () => {
    const two = { cores: 2, screened: false, pairs: false };
    expect(chooseCable({ ...two, area: 1 }, 'metric')?.id).toBe('2x1');
    expect(chooseCable({ ...two, area: areaOf(awg(18)) }, 'american')?.id).toBe('2x18AWG');
    expect(chooseCable({ ...two, cores: 4, area: 0.22, screened: true }, 'metric')?.screened).toBe(true);
  });
});

describe('colours', () => {
  it('are codes of two letters, green-yellow of four, each with a name and a hex of its own', () => {
    for (const code of COLOUR_CODES) {
      expect(code).toMatch(/^([A-Z]{2}){1,2}$/);
      expect(COLOURS[code].hex).toMatch(/^#[0-9a-f]{6}$/);
    }
    expect(new Set(COLOUR_CODES.map((code) => COLOURS[code].hex)).size).toBe(COLOUR_CODES.length);
    expect([isColourCode('RD'), isColourCode('rd'), isColourCode('toString')]).toEqual([true, false, false]);
  });
});
