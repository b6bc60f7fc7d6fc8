import { describe, expect, it } from 'vitest';
import { parseReading } from './parseReading';

describe('parseReading', () => {
  it.each([
    ['13.1', 13.1],
    ['13,1 V', 13.1],
    ['70mA', 0.07],
    ['70 mA', 0.07],
    ['4.7k', 4700],
    ['4.7 kΩ', 4700],
    ['1 MΩ', 1e6],
    ['-0.2', -0.2],
    ['5 s', 5],
    ['OL', 1e9],
    ['open', 1e9],
  ])('reads %s', (text, value) => expect(parseReading(text)).toBeCloseTo(value, 9));
  it.each(['', 'about 12', '12 bananas', '1.2.3', 'V'])('refuses %s', (text) =>
    expect(parseReading(text)).toBeNull(),
  );
});
