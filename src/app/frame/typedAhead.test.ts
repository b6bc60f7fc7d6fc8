import { describe, expect, it } from 'vitest';
import { NOTHING_TYPED, withKey, type TypedAhead } from './typedAhead';

const after = (...keys: string[]): TypedAhead =>
  keys.reduce((typed, key) => withKey(typed, key) ?? typed, NOTHING_TYPED);

describe('keys for a dialog that is on its way', () => {
  it.each([
    [['c', 'o', 'l', 'd'], 'cold', false],
    [['c', 'o', 'x', 'Backspace', 'l'], 'col', false],
    [['ü', 'Backspace', '🚪', 'Backspace'], '', false],
    [['Backspace'], '', false],
    [['Shift', 'C', 'ArrowDown', 'Tab'], 'C', false],
    [['d', '0', '4', 'Enter'], 'd04', true],
    [['d', 'Enter', '['], 'd', true],
  ])('%j stands as %s', (keys, letters, chosen) => {
    expect(after(...keys)).toEqual({ letters, chosen });
  });
});
