import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseFoundMemory } from './parseFoundMemory';
import { compileScript, factoryMemory, findLanguage } from './index';

const slots = findLanguage('slots-1000')!;
const list = findLanguage('list-by-code')!;
const empty = factoryMemory(slots);
const read = (text: string, memory = empty) => parseFoundMemory(slots, memory, text);
const problems = (text: string) => read(text).refused.map(({ line, problem }) => `${line} ${problem}`);

describe('what was found in a keypad', () => {
  it('is read a line a slot, and leaves alone what no line names', () => {
    const before = { ...empty, slots: { 1: { code: '1111', card: null }, 9: { code: '9999', card: null } } };
    const { memory, taken, refused } = read('003 4711\n004; 71-2002\n\n5\t5822, 71-2003\n1 -', before);
    expect([taken, refused]).toEqual([4, []]);
    expect(memory.slots).toEqual({
      3: { code: '4711', card: null },
      4: { code: null, card: { facility: 71, number: 2002 } },
      5: { code: '5822', card: { facility: 71, number: 2003 } },
      9: { code: '9999', card: null },
    });
  });
  it('takes every good line, and says of each other what is wrong', () => {
    expect(
      problems(
        '3 4711\nxx 4711\n1000 4711\n4\n5 47a1\n6 12\n7 4712 4713\n3 4714\n8 4711\n9 71-1\n10 71-1\n11 71-1 71-2',
      ),
    ).toEqual([
      '2 no-slot',
      '3 slot-out-of-range',
      '4 nothing-held',
      '5 neither-code-nor-card',
      '6 code-length',
      '7 two-codes',
      '8 slot-twice',
      '9 code-twice',
      '11 card-twice',
      '12 two-cards',
    ]);
  });
  it('is a code or a card a line for a keypad with one list', () => {
    const { memory, taken } = parseFoundMemory(list, factoryMemory(list), '4711\n71-2002\n4711');
    expect(taken).toBe(2);
    expect(Object.values(memory.slots)).toEqual([
      { code: '4711', card: null },
      { code: null, card: { facility: 71, number: 2002 } },
    ]);
  });
  it('never throws, counts every line once, and never holds a code twice', () => {
    const word = fc.constantFrom('1', '2', '003', '4711', '4712', '71-1', '71-2', '-', 'x', ',', '');
    const text = fc.array(
      fc.array(word, { maxLength: 4 }).map((words) => words.join(' ')),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(text, (lines) => {
        const { memory, taken, refused } = read(lines.join('\n'));
        const said = lines.filter((line) => line.replace(/[\s,;]+/g, '') !== '').length;
        expect(taken + refused.length).toBe(said);
        const codes = Object.values(memory.slots).flatMap(({ code }) => code ?? []);
        expect(new Set(codes).size).toBe(codes.length);
      }),
    );
  });
  it('of a terminal has fingers that nobody can tell whose they are, and who administers', () => {
    const terminal = findLanguage('screen-fingers')!;
    const { memory, refused } = parseFoundMemory(
      terminal,
      factoryMemory(terminal),
      '0001 4711 finger administrator\n2 71-2002 fingers\n3 4711\n4 thumb',
    );
    expect(memory.slots).toEqual({
      1: { code: '4711', card: null, fingers: ['?'], administers: true },
      2: { code: null, card: { facility: 71, number: 2002 }, fingers: ['?'] },
      3: { code: '4711', card: null },
    });
    expect(refused.map(({ problem }) => problem)).toEqual(['neither-code-nor-card']);
    // A finger of nobody knows whom is not taken for the one that is wanted.
    const target = {
      programmingCode: '',
      slots: { 1: { code: '4711', card: null, fingers: ['P01/1'], administers: true as const } },
      unlockSeconds: 5,
    };
    const { steps } = compileScript(terminal, memory, target, () => '');
    const about = steps.filter(({ slot }) => slot === 1).map(({ purpose }) => purpose);
    expect(about).toEqual(['enter', 'clear-slot', 'new-user']);
    expect(
      parseFoundMemory(findLanguage('slots-1000')!, factoryMemory(terminal), '1 finger').refused,
    ).toHaveLength(1);
  });
});
