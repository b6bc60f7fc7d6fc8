import { describe, expect, it } from 'vitest';
import { areaOf, awg, celsius, conductorResistance, metres, mm2, parseGauge } from './index';

describe('conductorResistance', () => {
  it('follows IEC 60228 class 5 at 20 °C', () => {
    expect(conductorResistance(mm2(1), metres(100))).toBeCloseTo(1.95, 6);
    expect(conductorResistance(mm2(0.5), metres(1000))).toBeCloseTo(39, 6);
  });
  it('grows by 0.393 % per kelvin', () => {
    expect(conductorResistance(mm2(1), metres(100), celsius(70))).toBeCloseTo(1.95 * 1.1965, 6);
  });
  it('has a floor for short links', () => {
    expect(conductorResistance(mm2(1), metres(0))).toBe(0.001);
  });
  it('gives 18 AWG about 21 ohms per kilometre', () => {
    expect(areaOf(awg(18))).toBeCloseTo(0.823, 3);
    expect(conductorResistance(awg(18), metres(1000))).toBeCloseTo(21.4, 0);
  });
});

describe('parseGauge', () => {
  it.each([
    ['1.0', '1mm2'],
    ['0.75 mm²', '0.75mm2'],
    ['18AWG', '18AWG'],
    ['#22', '22AWG'],
  ])('reads %s', (text, canonical) => expect(parseGauge(text)).toBe(canonical));
  it.each(['', 'thick', '99AWG', '-1', '200'])('refuses %s', (text) => expect(parseGauge(text)).toBeNull());
});
