import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { SlotContent } from '../plan/index';
import {
  can,
  codeProblem,
  compareMemory,
  compileScript,
  factoryMemory,
  LANGUAGES,
  passTime,
  press,
  switchOn,
  takesCards,
  takesCodes,
  type Keypad,
  type KeypadLanguage,
  type Memory,
  type Stroke,
  type Target,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const keys = (text: string): Stroke[] => [...text].map((key) => ({ key }));
function type(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[], at = 1000) {
  let answer = { keypad, reply: 'key' as string, slot: null as number | null };
  strokes.forEach((stroke, index) => {
    answer = press(language, answer.keypad, stroke, at + index * 200);
  });
  return answer;
}
const [slots, overwrite] = LANGUAGES as [KeypadLanguage, KeypadLanguage];

/** What a language can hold, in any of its first places: codes of a length it takes, cards, or both. */
const heldBy = (language: KeypadLanguage) => {
  const codes = takesCodes(language);
  const cards = takesCards(language);
  const { factoryCode } = language;
  const same = language.rules.includes('same-length');
  const least = same ? factoryCode.length : language.code.least;
  const first = language.slots?.first ?? 1;
  return fc
    .uniqueArray(fc.integer({ min: first, max: Math.min(20, first + language.capacity - 1) }), {
      maxLength: 6,
    })
    .chain((numbers) =>
      fc
        .uniqueArray(fc.integer({ min: 10 ** (least - 1), max: 10 ** least - 1 }), {
          minLength: numbers.length,
          maxLength: numbers.length,
        })
        .map((values) =>
          Object.fromEntries(
            numbers.flatMap((slot, i): [number, SlotContent][] => {
              const code = String(values[i]);
              if (codeProblem(language, code, factoryCode, [])) return [];
              const card = cards && i % 2 === 0 ? { facility: 7, number: values[i] ?? 0 } : null;
              if (language.slots) return [[slot, { code: codes ? code : null, card }]];
              return [[slot, card ? { code: null, card } : { code, card: null }]];
            }),
          ),
        ),
    );
};
const clears = (language: KeypadLanguage) =>
  !language.slots || can(language, 'clear-slot', 'delete-code', 'clear-all');

describe('compileScript', () => {
  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    '%s: the script, keyed in, leaves exactly the list in the memory',
    (_, language) => {
      fc.assert(
        fc.property(
          heldBy(language),
          heldBy(language),
          fc.integer({ min: 1, max: 60 }),
          (now, wanted, seconds) => {
            const programmingCode = language.factoryCode;
            const memory: Memory = { programmingCode, slots: now, times: { unlock: 5 } };
            const codes = new Set([...Object.values(now), ...Object.values(wanted)].map((one) => one.code));
            if (codes.has(programmingCode)) return;
            const target: Target = { programmingCode, slots: wanted, unlockSeconds: seconds };
            let scrap = 99_990_000;
            const { steps: script, problems } = compileScript(language, memory, target, () =>
              String((scrap += 1)).slice(-programmingCode.length),
            );
            expect(problems).toEqual([]);
            let keypad = switchOn(memory);
            let at = 0;
            for (const step of script) {
              let reply = '';
              for (const stroke of step.strokes) {
                at += 300;
                const answer = press(language, keypad, stroke, at);
                keypad = answer.keypad;
                reply = answer.reply;
              }
              expect(reply).toBe(step.reply);
            }
            const left = compareMemory(language, keypad.memory, target).filter(
              (line) => line.state !== 'same',
            );
            const strangers = left.filter((line) => line.state === 'stranger');
            expect(left).toEqual(clears(language) && !script.some(({ scrap }) => scrap) ? [] : strangers);
            expect(keypad.memory.times['unlock']).toBe(seconds);
            expect(keypad.mode).toBe('door');
            // Done again, there is nothing left to key in.
            if (clears(language) && left.length === 0)
              expect(compileScript(language, keypad.memory, target, () => '0000').steps).toEqual([]);
          },
        ),
        { numRuns: numberTried(150) },
      );
    },
  );

  it('changes the programming code before anything else', () => {
    const target: Target = {
      programmingCode: '864209',
      slots: { 3: { code: '4711', card: null } },
      unlockSeconds: 5,
    };
    const { steps: script } = compileScript(slots, factoryMemory(slots), target, () => '');
    expect(script.map((step) => step.purpose)).toEqual(['enter', 'programming-code', 'set-code', 'leave']);
    expect(script[0]?.strokes).toEqual(keys('*0975310#'));
    expect(script[2]?.strokes).toEqual(keys('1003#4711#'));
  });
});

/** Keys a script in, and gives what the keypad answers where it is not what the script says. */
function keyIn(language: KeypadLanguage, memory: Memory, script: ReturnType<typeof compileScript>) {
  let keypad = switchOn(memory);
  const wrong: string[] = [];
  for (const step of script.steps) {
    let reply = '';
    for (const stroke of step.strokes) ({ keypad, reply } = press(language, keypad, stroke, 1000));
    if (reply !== step.reply) wrong.push(`${step.purpose} ${step.slot ?? ''}: ${reply}`);
  }
  return { memory: keypad.memory, wrong };
}

describe('compileScript, where commands stand in each other’s way', () => {
  const codes = (...list: (string | null)[]): Memory['slots'] =>
    Object.fromEntries(list.flatMap((code, i) => (code ? [[i + 1, { code, card: null }]] : [])));
  const scrap = () => '7391';

  it('exchanges two codes on a keypad that only overwrites', () => {
    const memory: Memory = { ...factoryMemory(overwrite), slots: codes('1111', '2222') };
    const target: Target = { programmingCode: '2468', slots: codes('2222', '1111'), unlockSeconds: 5 };
    const script = compileScript(overwrite, memory, target, scrap);
    expect(script.problems).toEqual([]);
    const done = keyIn(overwrite, memory, script);
    expect(done.wrong).toEqual([]);
    expect(done.memory.slots).toEqual(target.slots);
  });
  it('takes a new programming code that a slot holds, once that slot has another', () => {
    const takes = (length: number) =>
      LANGUAGES.filter(
        ({ programming: { least, most }, slots, rules }) =>
          slots && least <= length && most >= length && !rules.includes('other-length'),
      );
    expect(takes(4).length).toBeGreaterThan(3);
    for (const language of takes(4)) {
      const memory: Memory = { ...factoryMemory(language), slots: codes('4321') };
      const target: Target = { programmingCode: '4321', slots: codes('8765'), unlockSeconds: 5 };
      const script = compileScript(language, memory, target, scrap);
      expect(script.problems).toEqual([]);
      const done = keyIn(language, memory, script);
      expect([language.id, done.wrong]).toEqual([language.id, []]);
      expect(done.memory).toMatchObject({ programmingCode: '4321', slots: { 1: { code: '8765' } } });
    }
  });
  it('names what cannot be keyed in: another length while codes are held that nobody can clear', () => {
    const memory: Memory = { ...factoryMemory(overwrite), slots: codes('1111') };
    const target: Target = { programmingCode: '97531', slots: codes('86420'), unlockSeconds: 5 };
    const script = compileScript(overwrite, memory, target, scrap);
    expect(script.problems).toContainEqual({
      slot: null,
      purpose: 'programming-code',
      problem: 'held-length',
    });
    expect(keyIn(overwrite, memory, script).wrong).toEqual([]);
  });
  it('names a time that the keypad has no digits for', () => {
    const target: Target = { programmingCode: slots.factoryCode, slots: {}, unlockSeconds: 120 };
    expect(compileScript(slots, factoryMemory(slots), target, scrap).problems).toEqual([
      { slot: null, purpose: 'set-time', problem: 'refused' },
    ]);
  });
  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    '%s: never holds a step that the keypad refuses, and says what is not reached',
    (_, language) => {
      const few = fc.constantFrom('1111', '2222', '3333', language.factoryCode.slice(0, 4), '12345', null);
      const table = fc.array(few, { maxLength: 4 }).map((list) => codes(...list));
      fc.assert(
        fc.property(table, table, fc.constantFrom('1111', '2468', '97531', '975310'), (now, wanted, code) => {
          const memory: Memory = { ...factoryMemory(language), slots: now };
          const target: Target = { programmingCode: code, slots: wanted, unlockSeconds: 5 };
          const script = compileScript(language, memory, target, scrap);
          const done = keyIn(language, memory, script);
          expect(done.wrong).toEqual([]);
          if (script.problems.length > 0) return;
          expect(done.memory.programmingCode).toBe(code);
          const lines = compareMemory(language, done.memory, target);
          expect(lines.filter(({ wanted: one, state }) => one && state !== 'same')).toEqual([]);
        }),
        { numRuns: numberTried(400) },
      );
    },
  );
});

describe('press', () => {
  const held: Memory = {
    ...factoryMemory(slots),
    slots: { 5: { code: '4711', card: { facility: 7, number: 42 } } },
  };
  it('opens on a known code or card and names its slot', () => {
    expect(type(slots, switchOn(held), keys('4711#'))).toMatchObject({ reply: 'opened', slot: 5 });
    expect(type(slots, switchOn(held), [{ card: { facility: 7, number: 42 } }])).toMatchObject({
      reply: 'opened',
      slot: 5,
    });
  });
  it('refuses an unknown code and locks itself after five', () => {
    expect(type(slots, switchOn(held), keys('1111#')).reply).toBe('refused');
    const locked = type(slots, switchOn(held), keys('1111#1111#1111#1111#1111#'));
    expect(locked.reply).toBe('locked-out');
    expect(press(slots, locked.keypad, { key: '4' }, 9000).reply).toBe('locked-out');
    expect(press(slots, locked.keypad, { key: '4' }, 90_000).reply).toBe('key');
  });
  it('loses unfinished work after the time-out', () => {
    const half = type(slots, switchOn(held), keys('*0975310#1006#12'));
    expect(half.keypad.mode).toBe('programming');
    const late = passTime(slots, half.keypad, half.keypad.lastAt + slots.timeoutMs);
    expect(late).toMatchObject({ reply: 'timed-out', keypad: { mode: 'door', strokes: [] } });
    expect(late?.keypad.memory).toEqual(held);
  });
  it('refuses a code that is taken, and one of another length where all must be alike', () => {
    expect(type(slots, switchOn(held), keys('*0975310#1006#4711#')).reply).toBe('refused');
    const other = switchOn(factoryMemory(overwrite));
    expect(type(overwrite, other, keys('#2468#2468#01*12345*12345*')).reply).toBe('refused');
    expect(type(overwrite, other, keys('#2468#2468#01*1234*1234*')).reply).toBe('stored');
  });
  it('never throws, whatever is pressed', () => {
    const stroke = fc.constantFrom(...'0123456789*#').map((key): Stroke => ({ key }));
    for (const language of LANGUAGES) {
      fc.assert(
        fc.property(fc.array(stroke, { maxLength: 60 }), (strokes) => {
          expect(
            type(language, switchOn(factoryMemory(language)), strokes).keypad.strokes.length,
          ).toBeLessThan(40);
        }),
      );
    }
  });
});
