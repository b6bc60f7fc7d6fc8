import { describe, expect, it } from 'vitest';
import { isGiven } from './givenKeys';

const line = (text: string) => text.split(' ').map((key) => ({ key }));
const dots = (text: string, about: Parameters<typeof isGiven>[0]['about']) =>
  line(text)
    .map(({ key }, at) => (isGiven({ strokes: line(text), about }, at) ? '•' : key))
    .join(' ');

describe('digits that are filled in', () => {
  it('are hidden wherever the code stands, the second time too', () => {
    expect(dots('1 0 0 3 # 4 7 1 1 # 4 7 1 1 #', { code: '4711' })).toBe('1 0 0 3 # • • • • # • • • • #');
    expect(dots('9 7 3 1 9 4 6 # 7 3 1 9 4 6 #', { programming: '731946' })).toBe(
      '9 • • • • • • # • • • • • • #',
    );
    expect(dots('1 1 1 1 1 #', { code: '1111' })).toBe('• • • • • #');
  });
  it('are none where nothing is filled in', () => {
    expect(dots('3 0 0 4 #', {})).toBe('3 0 0 4 #');
    expect(dots('3 0 0 4 #', { code: '' })).toBe('3 0 0 4 #');
  });
});
