import { describe, expect, it } from 'vitest';
import { beginSheet, factoryMemory, findLanguage, LANGUAGES } from '#core/keypads/index';
import { isGiven } from '../../parts/keypad/givenKeys';
import { strokeGroups } from '../../parts/keypad/strokeGroups';

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
  it('are the right ones among keys that are called by a word', () => {
    expect(dots('0 0 0 2 OK OK OK 4 7 1 1 OK 4 7 1 1 OK', { code: '4711', slot: 2 })).toBe(
      '0 0 0 2 OK OK OK • • • • OK • • • • OK',
    );
  });
  it('are none where nothing is filled in', () => {
    expect(dots('3 0 0 4 #', {})).toBe('3 0 0 4 #');
    expect(dots('3 0 0 4 #', { code: '' })).toBe('3 0 0 4 #');
  });
});

describe('a line of keys', () => {
  const target = (programmingCode: string, code: string) => ({
    programmingCode,
    slots: { 1: { code, card: null, name: 'ODD' } },
    unlockSeconds: 5,
  });
  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    'of %s has no digit of a code in the open, and none of it is lost in groups',
    (id, language) => {
      const code = id === 'master-cards' ? '95731' : '9573';
      const { lines } = beginSheet(
        language,
        factoryMemory(language),
        target(language.factoryCode, code),
        () => '',
      );
      expect(lines.length).toBeGreaterThan(1);
      for (const line of lines) {
        expect(strokeGroups(line).flatMap(({ strokes }) => strokes)).toEqual(line.strokes);
        const open = line.strokes
          .map((one, at) => ('key' in one && !isGiven(line, at) ? one.key : ' '))
          .join('');
        expect(open.replaceAll(' ', '')).not.toContain(code);
      }
    },
  );
  it('at a screen stands field by field', () => {
    const language = findLanguage('screen-fingers')!;
    const { lines } = beginSheet(language, factoryMemory(language), target('', '9573'), () => '');
    const groups = lines.map((line) =>
      strokeGroups(line).map(({ label, strokes }) => `${label} ${strokes.length}`),
    );
    expect(groups).toEqual([
      [' 1'],
      [' 3'],
      ['Number 5', 'Name 1', 'Role 1', 'Finger 1', 'Card 1', 'Password 5', 'Again 5'],
      [' 2'],
      ['Number 5', 'Password 5'],
    ]);
  });
});
