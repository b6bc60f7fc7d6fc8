import { describe, expect, it } from 'vitest';
import { weakness } from './weakCode';

describe('a code that is guessed soon', () => {
  it.each([
    ['1111', 'one-digit'],
    ['000000', 'one-digit'],
    ['1234', 'run'],
    ['890123', 'run'],
    ['9876', 'run'],
    ['1212', 'repeats'],
    ['471471', 'repeats'],
    ['1987', 'year'],
    ['975310', 'factory'],
    ['4711', null],
    ['480216', null],
    ['', null],
  ])('%s: %s', (code, why) => expect(weakness(code, '975310')).toBe(why));
});
