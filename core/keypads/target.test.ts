import { describe, expect, it } from 'vitest';
import { blankCard, blankPerson, type Person, type Plan } from '../plan/index';
import { mustApply, strikeDoor } from '../specimens/doors';
import {
  codeProblem,
  compareMemory,
  factoryMemory,
  freeSlot,
  LANGUAGES,
  targetOf,
  type KeypadLanguage,
} from './index';

const [slots, overwrite] = LANGUAGES as [KeypadLanguage, KeypadLanguage];
const person = (id: string, over: Partial<Person>): Person => ({
  ...blankPerson(id, id),
  doors: ['D01'],
  ...over,
});
const withPeople = (...people: Person[]): Plan =>
  mustApply(strikeDoor(), ...people.map((one) => ({ kind: 'addPerson', person: one }) as const));
const target = (plan: Plan, language = slots) => targetOf(plan, 'D01/K1', language, '975310', 5);

describe('targetOf', () => {
  it('takes people of the keypad’s door with their code, card and slot', () => {
    const plan = withPeople(
      person('A', { code: '4711', slots: { 'D01/K1': 3 } }),
      person('B', { cards: [blankCard(1, 2)], slots: { 'D01/K1': 4 } }),
      person('C', { code: '9999', doors: [] }),
    );
    expect(target(plan)).toEqual({
      problems: [],
      target: {
        programmingCode: '975310',
        unlockSeconds: 5,
        slots: { 3: { code: '4711', card: null }, 4: { code: null, card: { facility: 1, number: 2 } } },
      },
    });
  });
  it('leaves out what the keypad would refuse, and says why', () => {
    const plan = withPeople(
      person('A', { code: '4711', slots: { 'D01/K1': 1 } }),
      person('B', { code: '4711', slots: { 'D01/K1': 2 } }),
      person('C', { code: '975310', slots: { 'D01/K1': 3 } }),
      person('D', { code: '5555' }),
      person('E', { code: '6666', slots: { 'D01/K1': 5000 } }),
    );
    expect(target(plan).problems.map(({ person: who, problem }) => `${who} ${problem}`)).toEqual([
      'B taken',
      'C is-programming',
      'E slot-out-of-range',
      'D no-slot',
    ]);
    expect(Object.keys(target(plan).target.slots)).toEqual(['1']);
  });
  it('says when a keypad reads no cards', () => {
    const plan = withPeople(person('A', { cards: [blankCard(1, 2)], slots: { 'D01/K1': 1 } }));
    expect(target(plan, overwrite).problems).toMatchObject([{ problem: 'no-cards-here' }]);
  });
});

describe('freeSlot', () => {
  it('is the lowest that nobody has and the memory does not hold', () => {
    const plan = withPeople(person('A', { slots: { 'D01/K1': 1 } }));
    expect(freeSlot(plan, 'D01/K1', slots)).toBe(2);
    const memory = { device: 'D01/K1', ...factoryMemory(slots), slots: { 2: { code: '1234', card: null } } };
    expect(freeSlot(mustApply(plan, { kind: 'setMemory', device: 'D01/K1', memory }), 'D01/K1', slots)).toBe(
      3,
    );
  });
});

describe('compareMemory', () => {
  it('tells same, missing, different and strangers apart', () => {
    const held = (code: string) => ({ code, card: null });
    const memory = { ...factoryMemory(slots), slots: { 1: held('1111'), 2: held('2222'), 9: held('9999') } };
    const wanted = {
      programmingCode: '',
      unlockSeconds: 5,
      slots: { 1: held('1111'), 2: held('3333'), 4: held('4444') },
    };
    expect(compareMemory(slots, memory, wanted).map(({ slot, state }) => `${slot} ${state}`)).toEqual([
      '1 same',
      '2 differs',
      '4 missing',
      '9 stranger',
    ]);
  });
});

describe('codeProblem', () => {
  it.each([
    [slots, '12a4', 'not-digits'],
    [slots, '123', 'too-short'],
    [slots, '1234567', 'too-long'],
    [slots, '975310', 'is-programming'],
    [slots, '8888', 'taken'],
    [slots, '1234', null],
    [overwrite, '12345', 'not-as-long-as-programming'],
    [overwrite, '123456', null],
  ] as const)('%#: %s %s', (language, code, problem) => {
    expect(codeProblem(language, code, '975310', ['8888'])).toBe(problem);
  });
});
