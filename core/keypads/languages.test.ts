import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  can,
  FIELDS,
  findLanguage,
  languageProblems,
  LANGUAGES,
  readNotation,
  writeNotation,
  type KeypadLanguage,
  type Token,
} from './index';
import { notated } from './library/notated';

describe('the languages of the library', () => {
  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    '%s: no command is taken for another, and the examples of its leaflet come out',
    (_, language) => {
      expect(languageProblems(language)).toEqual([]);
      expect(language.examples.length).toBeGreaterThan(0);
    },
  );
  it('are ten, and show between them what is met in the field', () => {
    expect(LANGUAGES.length).toBeGreaterThanOrEqual(10);
    expect(new Set(LANGUAGES.map(({ id }) => id)).size).toBe(LANGUAGES.length);
    const has = (is: (language: KeypadLanguage) => boolean) => LANGUAGES.filter(is).map(({ id }) => id);
    const tokens = ({ modes }: KeypadLanguage) =>
      modes.flatMap(({ enter, commands }) => [enter, ...commands.map(({ strokes }) => strokes)]).flat();
    const field = (name: string) => (token: Token) => 'field' in token && token.field === name;
    const traits: Readonly<Record<string, (language: KeypadLanguage) => boolean>> = {
      'programming code once': ({ modes }) =>
        modes[0]!.enter.filter((token) => 'field' in token).length === 1,
      'programming code twice': ({ modes }) => modes[0]!.enter.some(field('again')),
      'no separators': ({ entry }) => entry.length === 1,
      'begins like a door code': ({ entry, modes }) =>
        'field' in entry[0]! && modes.some(({ enter }) => enter[0] !== undefined && 'field' in enter[0]),
      'sub-modes': ({ modes }) => modes.some(({ from }) => from !== 'door'),
      'second output': ({ modes }) =>
        modes.some(({ commands }) => commands.some(({ output }) => output === 2)),
      toggle: ({ modes }) => modes.some(({ commands }) => commands.some(({ toggle }) => toggle)),
      'a list': ({ slots }) => slots === null,
      'overwritten only': (language) =>
        language.slots !== null && !can(language, 'clear-slot', 'delete-code', 'clear-all'),
      'erased all at once only': (language) =>
        can(language, 'clear-all') && !can(language, 'clear-slot', 'delete-code'),
      'deleted by code': (language) => can(language, 'delete-code'),
      'deleted by its card': (language) => can(language, 'delete-card'),
      'cards in series': (language) => tokens(language).some((token) => 'cards' in token),
      'master cards': (language) => tokens(language).some((token) => 'master' in token),
      'padded codes': (language) =>
        tokens(language).some((token) => 'field' in token && token.padded === true),
      'exit and held times': ({ modes }) =>
        modes.some(({ commands }) =>
          ['exit', 'held'].every((time) => commands.some((one) => one.time === time)),
        ),
      'time of a second output': ({ modes }) =>
        modes.some(({ commands }) => commands.some(({ time }) => time === 'unlock2')),
      'same length': ({ rules }) => rules.includes('same-length'),
      'other length': ({ rules }) => rules.includes('other-length'),
      'not alike': ({ rules }) => rules.includes('not-alike'),
      'reserved codes': ({ reserved }) => reserved.length > 0,
      'own length of the programming code': ({ programming, code }) => programming.most > code.most,
      'silence loses all': ({ timeoutLoses }) => timeoutLoses === 'session',
      'an answer of its own': ({ modes }) =>
        modes.some(({ commands }) => commands.some(({ answer }) => answer)),
      'reset at power-up': ({ resets }) => resets.some(({ by }) => by === 'power-up'),
      'reset by a contact': ({ resets }) => resets.some(({ by }) => by === 'contact'),
      'reset that leaves people': ({ resets }) => resets.some(({ wipes }) => wipes === 'settings'),
    };
    for (const [trait, is] of Object.entries(traits))
      expect([trait, has(is).length > 0]).toEqual([trait, true]);
  });
});

describe('what is wrong with a language', () => {
  const base = findLanguage('slots-1000')!;
  const programming = base.modes[0]!;
  it('is a command that ends in the middle of another', () => {
    const commands = [...programming.commands, { does: 'clear-all' as const, strokes: [{ key: '1' }] }];
    const problems = languageProblems({ ...base, modes: [{ ...programming, commands }] });
    expect(problems).toContainEqual({
      kind: 'ambiguous',
      mode: 'programming',
      one: 'set-code',
      other: 'clear-all',
    });
  });
  it('is an example that comes out otherwise, with what is held instead', () => {
    const examples = [
      { strokes: '*0 975310 # 1 003 # 4711 #', answer: 'stored' as const, holds: { 3: '4712' } },
    ];
    expect(languageProblems({ ...base, examples })).toEqual([
      { kind: 'example', index: 0, answer: 'stored', holds: ['3: 4711'] },
    ]);
    expect(
      languageProblems({ ...base, examples: [{ strokes: '1 x', answer: 'stored', holds: {} }] }),
    ).toEqual([{ kind: 'unreadable-example', index: 0 }]);
  });
  it('is a factory code of another length, and a mode that is entered from nowhere', () => {
    expect(languageProblems({ ...base, factoryCode: '12', examples: [] })).toEqual([
      { kind: 'factory-code' },
    ]);
    const lost = { ...programming, id: 'lost', from: 'nowhere' };
    expect(languageProblems({ ...base, modes: [...base.modes, lost] })).toContainEqual({
      kind: 'unknown-mode',
      mode: 'nowhere',
    });
  });
  it('stops a notation that cannot be read', () => {
    const { keys: _keys, ...rest } = base;
    expect(() => notated({ ...rest, entry: '{code} %', modes: [], examples: [] })).toThrow('no-such-key');
  });
});

describe('the notation', () => {
  const [shape] = LANGUAGES;
  const length = fc.tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 0, max: 3 }));
  const token: fc.Arbitrary<Token> = fc.oneof(
    fc.constantFrom(...shape!.keys.flat()).map((key) => ({ key })),
    fc.constantFrom<Token>({ card: true }, { cards: true }, { master: 'add' }, { master: 'delete' }),
    fc.tuple(fc.constantFrom(...FIELDS), length, fc.boolean()).map(([field, [least, more], padded]) => ({
      field,
      least,
      most: least + more,
      ...(padded ? { padded: true as const } : {}),
    })),
  );
  it('comes back as it was written', () => {
    fc.assert(
      fc.property(fc.array(token, { maxLength: 8 }), (tokens) => {
        const text = writeNotation(tokens, shape!);
        expect(readNotation(text, shape!)).toEqual({ ok: true, tokens });
      }),
    );
  });
  it('says which part it cannot read', () => {
    expect(readNotation('1 {slott} #', shape!)).toMatchObject({
      ok: false,
      word: '{slott}',
      problem: 'unknown-field',
    });
    expect(readNotation('1 {seconds}', shape!)).toMatchObject({ ok: false, problem: 'no-length' });
    expect(readNotation('1 A', shape!)).toMatchObject({ ok: false, word: 'A', problem: 'no-such-key' });
  });
});
